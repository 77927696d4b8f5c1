import { Moon, Sun } from "lucide-react";
import type { ReactNode } from "react";
import { Link, NavLink } from "react-router";
import { Mark } from "./mark";
import { usePreferences } from "./preferences";
import { UnitSwitch } from "./unit-switch";

/** The strip along the top of every page, and the page under it. */
export function Frame({ children }: { readonly children: ReactNode }) {
  const { look, setLook } = usePreferences();
  const other = look === "light" ? "dark" : "light";
  return (
    <div className="frame">
      <header className="frame-strip not-printed">
        <Link className="frame-home" to="/" aria-label="Gamine, to the worktable">
          <Mark />
          <span>Gamine</span>
        </Link>
        <nav className="frame-links" aria-label="Main">
          <NavLink to="/" end>
            Worktable
          </NavLink>
          <NavLink to="/clients">Clients</NavLink>
          <NavLink to="/cloths">Cloths</NavLink>
          <NavLink to="/shelves">Shelves</NavLink>
        </nav>
        <UnitSwitch />
        <button
          className="frame-look"
          type="button"
          onClick={() => setLook(other)}
          aria-label={`Change to ${other} paper`}
          title={`Change to ${other} paper`}
        >
          {look === "light" ? <Moon size={18} aria-hidden /> : <Sun size={18} aria-hidden />}
        </button>
      </header>
      <main>{children}</main>
    </div>
  );
}
