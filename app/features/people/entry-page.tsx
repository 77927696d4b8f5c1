import { Mark } from "@app/components/mark";
import type { ReactNode } from "react";

/** A page before the door: one matter in the middle, and nothing of any workroom. */
export function EntryPage({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="entry">
      <Mark />
      <h1>{title}</h1>
      {children}
    </div>
  );
}
