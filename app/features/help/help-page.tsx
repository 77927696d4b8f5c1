import { ANYWHERE, type KeyOf, ON_A_GARMENT, ON_THE_SHEET, PLACES } from "@app/components/keys";
import { WornLines } from "@app/components/worn-lines";
import { BodyFigure } from "@app/measures/body-figure";
import { STATION_NAMES, STATION_PURPOSES } from "@app/work/stations";
import { MEASURING_ORDER, type MeasureId, measureOf } from "@core/body/index";
import { STATIONS } from "@core/garment/index";
import type { FindingMeaning } from "@core/judge/index";
import type { DraftPicture, ShownWord, ShownWords } from "@core/starting/index";
import type { LineDrawing } from "@core/toile/index";
import { type ReactNode, useState } from "react";

type Props = ShownWords & {
  readonly worn: LineDrawing | null;
  readonly findings: readonly (FindingMeaning & { readonly code: string })[];
};

/** Something that can be looked up: what it is found by, and what is shown of it. */
type Entry = { readonly id: string; readonly words: string; readonly shown: ReactNode };

/** The order of work, the words of the trade, what findings mean and the keys: on one page, found by letters, and printed as it stands. */
export function HelpPage({ drafts, words, stations, worn, findings }: Props) {
  const [sought, setSought] = useState("");
  const asked = sought.trim().toLocaleLowerCase();
  const parts: readonly { readonly title: string; readonly kind: string; readonly entries: readonly Entry[] }[] = [
    {
      title: "The order of work",
      kind: "work",
      entries: STATIONS.map((station, i) => ({
        id: station,
        words: `${STATION_NAMES[station]} ${STATION_PURPOSES[station]}`,
        shown: (
          <>
            <div className="help-picture">
              {station === "measures" ? (
                <BodyFigure id="bust" />
              ) : station === "wear" ? (
                worn && <WornLines worn={worn} />
              ) : (
                <Picture of={stations[station]} />
              )}
            </div>
            <h3>
              {i + 1} · {STATION_NAMES[station]}
            </h3>
            <p>{STATION_PURPOSES[station]}</p>
          </>
        ),
      })),
    },
    {
      title: "Words of the trade",
      kind: "words",
      entries: words.map((word) => ({
        id: word.term,
        words: [word.term, ...word.alsoCalled, word.says].join(" "),
        shown: <Word word={word} draft={drafts[word.on]} />,
      })),
    },
    {
      title: "Measures",
      kind: "words",
      entries: MEASURING_ORDER.flatMap(({ ids }) => ids).map((id) => ({
        id,
        words: [measureOf(id).term, ...measureOf(id).alsoCalled, measureOf(id).howTaken].join(" "),
        shown: <Measure id={id} />,
      })),
    },
    {
      title: "What a finding means",
      kind: "findings",
      entries: findings.map(({ code, name, means }) => ({
        id: code,
        words: `${name} ${means}`,
        shown: (
          <>
            <h3>{name}</h3>
            <p>{means}</p>
          </>
        ),
      })),
    },
    { title: "Keys", kind: "keys", entries: keyEntries() },
  ];
  const found = parts
    .map((part) => ({ ...part, entries: part.entries.filter((one) => one.words.toLocaleLowerCase().includes(asked)) }))
    .filter(({ entries }) => entries.length > 0);
  return (
    <>
      <div className="help-find not-printed">
        <input
          type="search"
          aria-label="Find in the help"
          placeholder="Find a word, a finding, a key"
          value={sought}
          onChange={(event) => setSought(event.currentTarget.value)}
        />
        <nav aria-label="On this page">
          {found.map(({ title }) => (
            <a key={title} href={`#${anchorOf(title)}`}>
              {title}
            </a>
          ))}
        </nav>
        <button className="plain-button" type="button" onClick={() => window.print()}>
          Print
        </button>
      </div>
      {found.length === 0 && <p role="status">Nothing here is called “{sought.trim()}”. Try a part of the word.</p>}
      {found.map(({ title, kind, entries }) => (
        <section key={title} id={anchorOf(title)} className={`help-part help-${kind}`}>
          <h2>{title}</h2>
          <div className="help-entries">
            {entries.map(({ id, shown }) => (
              <article key={id} data-help={id}>
                {shown}
              </article>
            ))}
          </div>
        </section>
      ))}
    </>
  );
}

const anchorOf = (title: string) => title.toLowerCase().replaceAll(" ", "-");

function Picture({
  of: { viewBox, seams, guides },
  children,
}: {
  readonly of: DraftPicture;
  readonly children?: ReactNode;
}) {
  return (
    <svg className="drawing" aria-hidden="true" viewBox={viewBox}>
      <path className="guide" d={guides} />
      <path d={seams} />
      {children}
    </svg>
  );
}

function Word({ word, draft }: { readonly word: ShownWord; readonly draft: DraftPicture }) {
  const [, , width = 0, height = 0] = draft.viewBox.split(" ").map(Number);
  return (
    <>
      <div className="help-picture">
        <Picture of={draft}>
          <path className="lit" d={word.lit} />
          {word.points.map(({ x, y }) => (
            <circle key={`${x} ${y}`} className="lit" cx={x} cy={y} r={Math.max(width, height) * 0.028} />
          ))}
        </Picture>
      </div>
      <div>
        <h3>{word.term}</h3>
        <Synonyms words={word.alsoCalled} />
        <p>{word.says}</p>
      </div>
    </>
  );
}

function Measure({ id }: { readonly id: MeasureId }) {
  const { term, alsoCalled, howTaken } = measureOf(id);
  return (
    <>
      <div className="help-picture">
        <BodyFigure id={id} />
      </div>
      <div>
        <h3>{term}</h3>
        <Synonyms words={alsoCalled} />
        <p>{howTaken}</p>
      </div>
    </>
  );
}

function Synonyms({ words }: { readonly words: readonly string[] }) {
  return words.length > 0 ? <p className="soft">Also called: {words.join(", ")}</p> : null;
}

function keyEntries(): readonly Entry[] {
  const entry = (id: string, { shown, does }: Pick<KeyOf, "shown" | "does">): Entry => ({
    id,
    words: `${shown} ${does}`,
    shown: (
      <>
        <kbd>{shown}</kbd>
        <span>{does}</span>
      </>
    ),
  });
  const all = (where: string, keys: Readonly<Record<string, KeyOf>>) =>
    Object.entries(keys).map(([id, one]) => entry(`${where} ${id}`, one));
  return [
    ...all("anywhere", ANYWHERE),
    ...PLACES.filter(({ key }) => key !== "").map(({ key, name }) =>
      entry(`place ${name}`, { shown: `G ${key.toUpperCase()}`, does: name }),
    ),
    ...STATIONS.map((station, i) => entry(`station ${station}`, { shown: `${i + 1}`, does: STATION_NAMES[station] })),
    ...all("garment", ON_A_GARMENT),
    ...all("sheet", ON_THE_SHEET),
  ];
}
