import { useStudioEase } from "@app/features/settings/studio-ease";
import { FieldsPanel, type PanelEntry, type PanelSection } from "@app/work/fields-panel";
import { useWork, useWorkStore } from "@app/work/work-context";
import { EASE_GARMENTS, EASE_LEVELS } from "@core/block/index";
import { workroomEase } from "@core/studio/index";
import { useMemo } from "react";
import { Link, useParams } from "react-router";
import { BustDartChoice } from "./bust-dart-choice";
import { SchoolsBeside } from "./schools-beside";

type Props = { readonly before: readonly PanelSection[]; readonly after: readonly PanelSection[] };

/** Every figure of the drafted bodice that no line of the sheet shows, with what stands before and after it. */
export function DraftedFields({ before, after }: Props) {
  const store = useWorkStore();
  const own = useStudioEase();
  const { garmentId } = useParams();
  const isFitted = useWork(
    ({ garment: { resolved } }) => resolved.block.source === "drafted" && resolved.block.school === "fitted",
  );
  const readsUnderbust = useWork((work) => work.spec.body.underbust !== undefined);
  const sections = useMemo(() => {
    const takeGarment = (option: string) => {
      const garment = EASE_GARMENTS.find((one) => one === option);
      if (!garment) return;
      const { change, garment: drafted } = store.getState();
      // A box that is typed into stays; the workroom's own row goes with the garment.
      change({ block: { garment, workroomEase: workroomEase(own, garment, drafted.resolved.cloth.kind) } });
    };
    return [
      ...before,
      ...bodiceSections(isFitted ? fittedSections(takeGarment) : [], readsUnderbust),
      ...after,
      aboutSection(garmentId),
    ];
  }, [before, after, own, garmentId, isFitted, readsUnderbust, store]);
  return <FieldsPanel sections={sections} />;
}

function bodiceSections(ofSchool: readonly PanelSection[], readsUnderbust: boolean): readonly PanelSection[] {
  return [
    {
      title: "The bodice",
      entries: ["block.style", "block.shaping", "block.bodyLength", "block.neckShape", "block.sideSeam"],
    },
    ...ofSchool,
    {
      title: "Neck and shoulder",
      isFolded: true,
      entries: of("block", [
        "neckRule",
        "frontNeckWidth",
        "frontNeckDepth",
        "backNeckWidth",
        "backNeckDepth",
        "backHigher",
        "backSlope",
        "frontSlope",
        "buttonStand",
        "shoulderEase",
        "shoulderExtension",
      ]),
    },
    {
      title: "Armhole and width",
      isFolded: true,
      // A solved block has its ease as whole girths.
      entries: of("block", [
        "armholeRule",
        "frontInset",
        "backInset",
        ...(ofSchool.length === 0 ? ["chestEase", "waistEase", "hipEase"] : []),
      ]),
    },
    {
      title: "Darts and gathers",
      isFolded: true,
      entries: of("block", [
        "dartIntake",
        "dartInner",
        "dartAboveHip",
        ...(readsUnderbust ? ["underbust"] : []),
        "shoulderDartIntake",
        "backShoulderDart",
        "centreBackShaping",
        "gathers",
        "frontGathers",
        "backGathers",
      ]),
    },
    {
      title: "Levels",
      note: "Below the shoulder line.",
      isFolded: true,
      entries: of("block", ["chestLevel", "bustLevel", "underbustLevel", "waistLevel", "hipLevel", "length"]),
    },
    {
      title: "Read off the garment",
      note: "Where the armhole or the neckline is there already: sleeve and collar are fitted to it, front and back stay as they are drafted.",
      isFolded: true,
      entries: of("block.read", ["frontArmhole", "backArmhole", "armholeDepth", "frontNeckline", "backNeckline"]),
    },
  ];
}

/** How much room the solved block has, and where its bust dart is sewn. */
const fittedSections = (takeGarment: (option: string) => void): readonly PanelSection[] => [
  {
    title: "Bust dart",
    entries: [
      { key: "bust-dart", words: "Place of the bust dart", node: <BustDartChoice /> },
      "block.dartShort",
      "block.dartEase",
    ],
  },
  {
    title: "Ease",
    note: (
      <>
        Whole girths and widths, at their own level: by <Link to="/settings/ease">your table of ease</Link>, or typed
        here.
      </>
    ),
    entries: [{ path: "block.garment", onChoose: takeGarment }, ...of("block.ease", EASE_LEVELS)],
  },
];

const aboutSection = (garmentId: string | undefined): PanelSection => ({
  title: "School",
  note: (
    <>
      Drafted from this garment’s <Link to={`/garments/${garmentId}/measures`}>measures</Link>; what was not taken is
      estimated, and marked as estimated.
    </>
  ),
  isFolded: true,
  entries: ["block.school", { key: "schools", words: "Schools side by side", node: <SchoolsBeside /> }],
});

const of = (group: string, names: readonly string[]): readonly PanelEntry[] => names.map((name) => `${group}.${name}`);
