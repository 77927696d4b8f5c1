/** Gives a file to whoever is at the page, under a name. */
export function handOut(file: Blob, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  // The browser may still be reading it.
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
