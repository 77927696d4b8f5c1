/** A file that the browser keeps under this name, and does not open. */
export function download(body: string | Uint8Array | ReadableStream<Uint8Array>, type: string, name: string): Response {
  return new Response(body instanceof Uint8Array ? new Uint8Array(body) : body, {
    headers: { "content-type": type, "content-disposition": `attachment; filename="${name}"` },
  });
}
