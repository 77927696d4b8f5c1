import type { ReactNode } from "react";
import { Link } from "react-router";

/** A plain page of the workroom: its title, what can be done, and the matter itself. */
export function Page({
  title,
  actions,
  isWide = false,
  children,
}: {
  readonly title: string;
  readonly actions?: ReactNode;
  readonly isWide?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <div className={isWide ? "page wide" : "page"}>
      <div className="page-head">
        <h1>{title}</h1>
        {actions}
      </div>
      {children}
    </div>
  );
}

/** A link that is the page's main act. */
export function ActionLink({ to, children }: { readonly to: string; readonly children: string }) {
  return (
    <Link className="main-act" to={to}>
      {children}
    </Link>
  );
}
