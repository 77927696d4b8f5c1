import { type Figure, length, phrase, type StepRecord } from "../../draft";
import { type BandedEdges, bandedEdges, hemBand, neckBand, neckBandLength } from "../../pattern";
import { hemWidthOf, wholeSleeve } from "../set-in";
import { type StyledSleeve, sewnStyle } from "../style";

/**
 * The sleeve of a dropped shoulder: hardly any cap, its top laid along the shoulder and as wide as the armhole; with the bands of a
 * cardigan. Common practice, no source.
 */
export const dropped = sewnStyle({
  name: "Dropped",
  summary:
    "For a shoulder that reaches over the arm: hardly any cap, as wide as the armhole, with bands for neck and hem.",
  usualLengthShare: 1,
  usualFinish: "band",
  falls: null,
  neck: "banded",
  opens: { crown: null, hem: null },
  slashes: false,
  fitting: { method: "dropped", placement: "slant", capEase: 0 },
  keepsOutline: true,
  fields: {
    neckBand: {
      label: "Neck band, finished depth",
      bounds: { least: 10, most: 150 },
      usual: 76.2,
      rule: phrase`3 in`,
      source: "common practice, no source",
    },
    hemBand: {
      label: "Hem band, finished depth",
      bounds: { least: 10, most: 200 },
      usual: 76.2,
      rule: phrase`3 in`,
      source: "common practice, no source",
    },
    slant: {
      label: "Back seam slanted by",
      bounds: { least: 0, most: 40 },
      usual: 9.525,
      rule: phrase`so that it lies round the neck`,
      source: "from memory",
    },
  },
  derive: ({ block, sleeve }, lengths): StyledSleeve => {
    const { outline } = sleeve;
    const edges = bandedEdges(block);
    const neck = neckBandLength(edges, lengths.hemBand);
    const hem = 2 * edges.hem;
    return {
      title: "Dropped sleeve",
      acts: [neckStep(edges, neck, lengths), hemStep(edges, hem, lengths.hemBand)],
      caps: { front: [outline.capFront], back: [outline.capBack] },
      pieces: [wholeSleeve(sleeve)],
      extra: [neckBand(neck, lengths.neckBand, lengths.slant), hemBand(hem, lengths.hemBand)],
      hemLength: hemWidthOf(outline, null),
      crownRatio: null,
      handles: [],
    };
  },
});

type Lengths = { readonly neckBand: number; readonly hemBand: number; readonly slant: number };

function neckStep(edges: BandedEdges, whole: number, { neckBand: depth, hemBand: below, slant }: Lengths): StepRecord {
  const figure: Figure = {
    id: "band.neck",
    label: "Length of the neck band",
    value: whole,
    kind: "length",
    formula: phrase`(half back neck ${length(edges.backNeck)} + front edge ${length(edges.frontEdge)}) × 2 + 2 × hem band ${length(below)}`,
    rule: "Neck band of a cardigan",
    source: "common practice, no source",
  };
  return {
    text: phrase`Neck band: it runs round the neck, down both front edges and past the hem band, ${length(whole)} long before joins. Cut it in two halves of ${length(whole / 2)}, twice its depth of ${length(depth)} wide, folded lengthwise; slant the seam at the centre back in to the fold by ${length(slant)}. In knit, cut it a tenth shorter and stretch it on.`,
    figures: [figure],
  };
}

function hemStep(edges: BandedEdges, whole: number, depth: number): StepRecord {
  const figure: Figure = {
    id: "band.hem",
    label: "Length of the hem band",
    value: whole,
    kind: "length",
    formula: phrase`front and back hem of the half, ${length(edges.hem)}, × 2`,
    rule: "Hem band",
    source: "common practice, no source",
  };
  return {
    text: phrase`Hem band: ${length(whole)} long, on the fold at the centre back, and twice its depth of ${length(depth)} wide. Sew it on before the neck band.`,
    figures: [figure],
  };
}
