import { Page } from "@app/components/page";
import type { ReactNode } from "react";
import { NavLink } from "react-router";

const PARTS = [
  { to: "/settings", name: "Workroom" },
  { to: "/settings/cloths", name: "Cloths" },
  { to: "/settings/ease", name: "Ease" },
  { to: "/settings/people", name: "People" },
  { to: "/settings/data", name: "Data" },
  { to: "/shelves", name: "Shelves" },
] as const;

/** What a workroom has decided for all its work, in parts. */
export function SettingsPage({ children }: { readonly children: ReactNode }) {
  return (
    <Page title="Settings">
      <nav className="settings-parts" aria-label="Settings">
        {PARTS.map(({ to, name }) => (
          <NavLink key={to} to={to} end>
            {name}
          </NavLink>
        ))}
      </nav>
      {children}
    </Page>
  );
}
