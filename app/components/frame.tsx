import { CircleHelp, Moon, Sun, UserRound } from "lucide-react";
import type { ReactNode } from "react";
import { Link, NavLink } from "react-router";
import { Mark } from "./mark";
import { Palette } from "./palette";
import { usePreferences } from "./preferences";
import { UnitSwitch } from "./unit-switch";

type Person = { readonly name: string; readonly studio: string | null; readonly role: string | null };

/** The strip along the top of every page, and the page under it. */
export function Frame({ person, children }: { readonly person: Person | null; readonly children: ReactNode }) {
  const { look, setLook } = usePreferences();
  const other = look === "light" ? "dark" : "light";
  return (
    <div className="frame">
      <a className="skip-link" href="#main">
        Skip to the content
      </a>
      <header className="frame-strip not-printed">
        <Link className="frame-home" to="/" aria-label="Gamine, to the worktable">
          <Mark />
          <span>Gamine</span>
        </Link>
        {person ? (
          <nav className="frame-links" aria-label="Main">
            <NavLink to="/" end>
              Worktable
            </NavLink>
            <NavLink to="/clients">Clients</NavLink>
            <NavLink className="desk-only" to="/shelves">
              Shelves
            </NavLink>
            <NavLink to="/settings">Settings</NavLink>
            <NavLink className="frame-help" to="/help" aria-label="Help" title="Help (?)">
              <CircleHelp size={18} aria-hidden />
            </NavLink>
            <NavLink className="frame-person" to="/account" aria-label={`Your account, ${person.name}`}>
              <UserRound size={18} aria-hidden />
              <span>{person.name}</span>
            </NavLink>
          </nav>
        ) : (
          <span className="frame-links" />
        )}
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
      <main id="main" tabIndex={-1}>
        {children}
      </main>
      {person && <Palette />}
    </div>
  );
}
