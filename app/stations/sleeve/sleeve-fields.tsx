import { Sentence } from "@app/components/length-text";
import { FieldsPanel, type PanelSection } from "@app/work/fields-panel";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWork, useWorkStore } from "@app/work/work-context";
import { length, phrase } from "@core/draft/index";
import { sewnSleeve } from "@core/drafting/index";
import { type SleeveKind, styleOf } from "@core/sleeve/index";
import { fitFirstRange, SET_IN_METHODS } from "@core/sleeve/set-in/index";
import { useMemo } from "react";
import { Link } from "react-router";
import { ClothChoice } from "./cloth-choice";
import { StyleChoice } from "./style-choice";

/** What is left to choice depends on the style: one has its own cap, another has no cap of its own at all. */
export function SleeveFields() {
  const store = useWorkStore();
  const kind = useWork((work) => work.spec.sleeve?.kind ?? null);
  const sections = useMemo(() => {
    // A cap that was too long by the method before is not eased away by this one.
    const takeMethod = (option: string) => {
      const method = SET_IN_METHODS.find((one) => one === option);
      if (method) store.getState().change({ sleeve: { method, surplus: undefined } });
    };
    return [STYLE, ...(kind === null ? [] : sectionsOf(kind, takeMethod))];
  }, [kind, store]);
  return <FieldsPanel sections={sections} />;
}

const STYLE: PanelSection = {
  title: "Sleeve",
  entries: [{ key: "style", words: "Style of the sleeve", node: <StyleChoice /> }],
};

const CLOTH = { key: "cloth", words: "Cloth", node: <ClothChoice /> };

function sectionsOf(kind: SleeveKind, takeMethod: (method: string) => void): readonly PanelSection[] {
  const style = styleOf(kind);
  const ofStyle: PanelSection = {
    title: style?.name ?? "",
    entries: [
      ...(kind === "puff" ? ["sleeve.surplus"] : []),
      ...Object.keys(style?.fields ?? {}).map((name) => `sleeve.${kind}.${name}`),
    ],
  };
  const arm = ["sleeve.reach", "sleeve.length", "sleeve.hemWidth", "sleeve.elbowEase", "sleeve.wristEase"];
  if (style?.family === "bodice")
    // Its cap, where it has one, is always fitted, and without ease.
    return [
      ofStyle,
      { title: "Cloth and ease", entries: [CLOTH, "sleeve.upperArmEase"] },
      { title: "Down the arm", entries: [...arm, "sleeve.sides", ...(style.isCut ? ["sleeve.cut"] : [])] },
      HEM,
    ];
  const isPlain = style === null;
  const hasOwnCap = style?.fitting !== undefined;
  return [
    ofStyle,
    {
      title: "Cloth and ease",
      entries: [
        CLOTH,
        ...(hasOwnCap ? ["sleeve.capHeight"] : ["sleeve.capEase"]),
        { path: "sleeve.upperArmEase", hint: <FittingEase /> },
        "sleeve.capHeightChange",
        "sleeve.capWidthChange",
      ],
    },
    {
      title: "Below the cap",
      entries: [...arm, "sleeve.sides", ...(isPlain ? CUT : [])],
    },
    HEM,
    ...(hasOwnCap ? [] : [methodSection(takeMethod)]),
    {
      title: "Notches",
      note: "Distance from the underarm, along the armhole.",
      isFolded: true,
      entries: [
        { path: "sleeve.notches.front", hint: "Usual: a third of the depth above the underarm." },
        { path: "sleeve.notches.back", hint: "Usual: a third of the depth above the underarm, double, 10 mm apart." },
      ],
    },
  ];
}

const CUT = ["sleeve.cut", "sleeve.frontSeamUnder", "sleeve.backSeamUnder", "sleeve.elbowHollow", "sleeve.elbowDart"];

/** How the hem is finished; the sleeve's length is the finished one, and the cuff is taken off when it is cut. */
const HEM: PanelSection = {
  title: "Hem",
  entries: [
    "sleeve.hem.finish",
    "sleeve.hem.depth",
    "sleeve.hem.ease",
    "sleeve.hem.overlap",
    "sleeve.hem.opening",
    "sleeve.hem.elasticWidth",
    "sleeve.hem.elasticLess",
    "sleeve.hem.girth",
    "sleeve.hemTurnUp",
  ],
};

const methodSection = (takeMethod: (method: string) => void): PanelSection => ({
  title: "Method of the cap",
  note: <Link to="?view=methods">All methods side by side</Link>,
  isFolded: true,
  entries: [
    { path: "sleeve.method", onChoose: takeMethod },
    "sleeve.capHeight",
    "sleeve.placement",
    "sleeve.curve",
    ...(["front", "back"] as const).flatMap((side) => [
      { path: `sleeve.guides.${side}.upper`, hint: OUTSIDE },
      { path: `sleeve.guides.${side}.middle`, hint: OUTSIDE },
      { path: `sleeve.guides.${side}.lower`, hint: OUTSIDE },
    ]),
  ],
});

const OUTSIDE = "Outside the slant; with a minus inside. Empty: as usual.";

/** Between the narrowest and the widest sleeve whose cap is this armhole and its ease; known before anything is solved. */
function FittingEase() {
  const cap = useThrottledWork((work) => {
    const sewn = sewnSleeve(work.garment);
    return sewn?.task.method === "fit-first" ? sewn.task.cap : null;
  });
  const range = cap && fitFirstRange(cap);
  return range ? (
    <Sentence
      words={phrase`A cap for this armhole exists from ${length(range.width.least - cap.upperArm)} to ${length(range.width.most - cap.upperArm)}: the more ease, the lower the cap.`}
    />
  ) : null;
}
