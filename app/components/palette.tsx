import { useCallback, useEffect, useRef, useState } from "react";
import { useFetcher, useNavigate } from "react-router";
import { tinykeys } from "tinykeys";
import { isWriting } from "./is-writing";
import { ANYWHERE, PLACES } from "./keys";

type PaletteEntry = {
  readonly to: string;
  readonly name: string;
  readonly about: string;
  /** After g, from anywhere. */
  readonly key?: string;
};
type Found = {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly garments: readonly {
    readonly id: string;
    readonly name: string;
    readonly about: string;
    readonly station: string;
  }[];
};

const REST_MS = 150;
/** Goes anywhere by a few letters: opened by / from anywhere, or Control and K from within a box; g and a letter goes straight to a place. */
export function Palette() {
  const dialog = useRef<HTMLDialogElement>(null);
  const [words, setWords] = useState("");
  const [chosen, setChosen] = useState(0);
  const fetcher = useFetcher<Found>();
  const navigate = useNavigate();
  const { load } = fetcher;
  const open = useCallback((event: Event) => {
    event.preventDefault();
    setWords("");
    setChosen(0);
    dialog.current?.showModal();
  }, []);
  useEffect(
    () =>
      tinykeys(window, {
        [ANYWHERE.goTo.press]: (event: KeyboardEvent) => !isWriting(event.target) && open(event),
        [ANYWHERE.goToFromBox.press]: open,
        [ANYWHERE.help.press]: (event: KeyboardEvent) => !isWriting(event.target) && void navigate("/help"),
        ...Object.fromEntries(
          PLACES.filter((place) => place.key !== "").map(({ key, to }) => [
            `g ${key}`,
            (event: KeyboardEvent) => !isWriting(event.target) && void navigate(to),
          ]),
        ),
      }),
    [open, navigate],
  );
  useEffect(() => {
    if (words.trim().length < 2) return;
    const timer = setTimeout(() => void load(`/search?${new URLSearchParams({ q: words })}`), REST_MS);
    return () => clearTimeout(timer);
  }, [words, load]);
  const asked = words.trim().toLowerCase();
  const found = asked.length >= 2 ? entriesOf(fetcher.data) : [];
  const places = PLACES.filter(({ name, about }) => `${name} ${about}`.toLowerCase().includes(asked));
  const entries: readonly PaletteEntry[] = [...found, ...places];
  const go = (entry: PaletteEntry | undefined) => {
    if (!entry) return;
    dialog.current?.close();
    void navigate(entry.to);
  };
  return (
    <dialog ref={dialog} className="palette" aria-label="Go to">
      <input
        role="combobox"
        aria-expanded="true"
        aria-controls="palette-list"
        aria-activedescendant={entries[chosen] ? `palette-${chosen}` : undefined}
        aria-label="Go to a garment, a client or a page"
        placeholder="A garment, a client, a style, a page"
        value={words}
        onChange={(event) => {
          setWords(event.currentTarget.value);
          setChosen(0);
        }}
        onKeyDown={(event) => {
          const step = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
          if (step !== 0 && entries.length > 0) {
            event.preventDefault();
            setChosen((chosen + step + entries.length) % entries.length);
          }
          if (event.key === "Enter") {
            event.preventDefault();
            go(entries[chosen]);
          }
        }}
      />
      <div role="listbox" id="palette-list" aria-label="Places">
        {entries.map((entry, i) => (
          // biome-ignore lint/a11y/useKeyWithClickEvents: the keys are the box's, as of every list under a box
          <div
            key={`${entry.to} ${entry.name}`}
            id={`palette-${i}`}
            role="option"
            tabIndex={-1}
            aria-selected={i === chosen}
            onClick={() => go(entry)}
          >
            {entry.name} <span>{entry.about}</span>
            {entry.key && <kbd>g {entry.key}</kbd>}
          </div>
        ))}
      </div>
      <p>
        <kbd>/</kbd> opens this; on a garment <kbd>1</kbd> to <kbd>8</kbd> go to its stations, <kbd>b</kbd> to the first
        box, <kbd>t</kbd> to its fittings, <kbd>v</kbd> to its versions, <kbd>p</kbd> to what is printed.
      </p>
    </dialog>
  );
}

const entriesOf = (found: Found | undefined): readonly PaletteEntry[] => [
  ...(found?.garments ?? [])
    .slice(0, 8)
    .map(({ id, name, about, station }) => ({ to: `/garments/${id}/${station}`, name, about })),
  ...(found?.clients ?? []).slice(0, 6).map(({ id, name }) => ({ to: `/clients/${id}`, name, about: "client" })),
];
