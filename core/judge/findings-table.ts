/** What a finding is called, and what it means on the body or in the sewing with what usually mends it: a line of the help page for each. */
export type FindingMeaning = { readonly name: string; readonly means: string };

const meaning = (name: string, means: string): FindingMeaning => ({ name, means });

/** Every finding that there is, by its code, in the order of the work. */
export const FINDINGS = {
  "not-foreseen": meaning(
    "Station not drafted",
    "These figures led to a state that was not foreseen. Take the last change back; the other stations are drafted without this one.",
  ),
  "stand-ins-used": meaning(
    "Not measured yet",
    "Some measures are estimated from the others. An estimate shows the shape, not this person: measure before you cut.",
  ),
  "slip-upper-bust-over-bust": meaning(
    "Upper bust over bust",
    "The two readings may have changed places, or the tape slid off the fullest part. Measure both again.",
  ),
  "slip-wrist-over-elbow": meaning(
    "Wrist over elbow",
    "On every arm the wrist is smaller than the elbow. The two readings may have changed places.",
  ),
  "slip-elbow-over-arm": meaning(
    "Elbow over upper arm",
    "The tape slid off the fullest part of the upper arm, or the elbow was measured bent.",
  ),
  "slip-wrist-over-hand": meaning(
    "Wrist over hand",
    "A hand is larger round its knuckles than its wrist. It is measured with the thumb tucked in.",
  ),
  "slip-share": meaning(
    "Unusual proportion",
    "Two readings are rarely so far apart on one body. One of them may have slipped.",
  ),
  "slip-left-right": meaning(
    "Left and right far apart",
    "Measure both sides again. If it is so, each arm gets a sleeve of its own.",
  ),
  "slip-unusual": meaning(
    "Unusual reading",
    "The figure lies outside what is usual for adults. Check the figure and its unit.",
  ),
  "arms-differ": meaning("The arms differ", "Each sleeve is drafted and cut once. Mark left and right on the cloth."),
  "no-sleeve-for-other-arm": meaning(
    "No sleeve for the other arm",
    "No sleeve can be drafted with that arm’s figures. Measure it again, or cut one sleeve for both.",
  ),
  "neck-beyond-shoulder": meaning(
    "No shoulder left",
    "The neckline is so wide that no shoulder seam remains. Check neck-base girth and shoulder, or make the neckline narrower.",
  ),
  "shoulder-beyond-chest": meaning(
    "Shoulder wider than the chest",
    "The shoulder point lies outside the underarm. Check across shoulders and bust, or add ease at the bust.",
  ),
  "armhole-too-shallow": meaning(
    "Armhole too shallow",
    "Too little height is left for an armhole. Check the armhole’s depth or girth.",
  ),
  "armhole-beyond-waist": meaning(
    "Armhole as deep as the waist",
    "The underarm would lie at the waist or below. Check nape to waist and the armscye girth.",
  ),
  "armhole-not-drawn": meaning(
    "No armhole between shoulder and underarm",
    "Figures of shoulder, bust and armhole do not belong to one body. Measure them again.",
  ),
  "waist-above-chest": meaning(
    "Waist above the chest line",
    "The waist lies too near to the underarm. Check nape to waist and the armhole’s depth.",
  ),
  "hip-above-waist": meaning("Hip above the waist", "Waist to hip is too short. Measure it again."),
  "hem-above-chest": meaning("Hem above the chest line", "The body is too short to have a side seam. Make it longer."),
  "hem-above-bust": meaning("Hem above the bust", "The body ends above the bust point. Make it longer."),
  "neck-below-hem": meaning(
    "Neckline below the hem",
    "The front neck is deeper than the body is long. Raise the neckline or make the body longer.",
  ),
  "dart-outside": meaning(
    "Dart off the front",
    "The dart would lie outside the front. Check bust-point distance and waist.",
  ),
  "waist-over-bust": meaning(
    "Waist larger than the bust",
    "The block is drawn straight from the bust down. Choose a loose shape, or measure the waist again.",
  ),
  "front-short-without-dart": meaning(
    "Front too short without a dart",
    "Over a full bust a front without a dart lifts at the hem and drags from the side. Let the block have its bust dart.",
  ),
  "dart-as-ease": meaning(
    "Dart taken as ease",
    "The bust dart is so small that it is left as ease along the side seam.",
  ),
  "dart-against-cup": meaning(
    "Dart and cup do not agree",
    "The length over the bust asks for another dart than upper bust and bust do. Measure neck point to bust and to waist again.",
  ),
  "front-lengthened": meaning(
    "Front lengthened",
    "The front was made longer so that it reaches the waist over the bust.",
  ),
  "back-armhole-longer": meaning(
    "Back armhole longer",
    "The back is long for the front, as on a stooped back. The sleeve’s crown is moved with it.",
  ),
  "front-waist-drops": meaning(
    "Waist lower at the centre front",
    "The front is longer than its bust asks, as over a belly or on a very erect body.",
  ),
  "across-narrowed": meaning(
    "Across width narrowed",
    "The width across was too wide for an armhole to be drawn, and was drawn narrower.",
  ),
  "across-widened": meaning(
    "Across width widened",
    "The width across was too narrow for an armhole to be drawn, and was drawn wider.",
  ),
  "shoulder-tip-not-square": meaning(
    "Armhole not square to the shoulder",
    "Seams that meet off square make a peak at the shoulder point. Measure across shoulders and across back again.",
  ),
  "shoulder-measures-differ": meaning(
    "Shoulder measures do not agree",
    "Shoulder length, neck base and across shoulders do not belong together. Measure them again.",
  ),
  "second-waist-dart": meaning(
    "Second waist dart",
    "One dart would be so wide that it stands out at its point; a second one or a princess seam takes it up.",
  ),
  "bust-dart-moved": meaning(
    "Bust dart at the side",
    "Where the dart was wanted this sleeve or shape has no place for it, and it is sewn at the side.",
  ),
  "tight-at-bust": meaning(
    "Tight at the bust",
    "The garment draws tight at the bust and does not close. Add ease there.",
  ),
  "tight-at-waist": meaning("Tight at the waist", "The garment draws tight at the waist and rides up. Add ease there."),
  "tight-at-hip": meaning("Tight at the hip", "The garment catches at the hip and rides up. Add ease there."),
  "wide-at-bust": meaning(
    "Wide at the bust",
    "More room than is usual hangs in folds. Take ease out, unless it is meant so.",
  ),
  "narrow-across-front": meaning(
    "Narrow across the front",
    "The front pulls from armhole to armhole. Measure across front again, or add width there.",
  ),
  "narrow-across-back": meaning(
    "Narrow across the back",
    "The back strains when the arms reach forward. Measure across back again, or add width there.",
  ),
  "armhole-tight": meaning("Armhole tight", "An armhole without room binds under the arm. Lower it a little."),
  "armhole-wide": meaning("Armhole wide", "A deep armhole lifts the garment with the arm. Raise it."),
  "neckline-over-neck": meaning(
    "Neckline longer than the neck",
    "It lies off the neck; a collar sewn to it leans. Check neck-base girth, or make the neckline narrower.",
  ),
  "shoulders-of-two-lengths": meaning(
    "Shoulders of two lengths",
    "Front and back shoulder differ by more than can be eased in. Make them equal, or sew a shoulder dart.",
  ),
  "front-centre-differs": meaning(
    "Front centre differs",
    "Drafted and measured length from front neck to waist are apart. One of the measures slipped, or the neck is deeper.",
  ),
  "armhole-dart": meaning(
    "Dart in the armhole",
    "More than can be eased in was moved to the armhole; it is sewn as a dart there.",
  ),
  "armhole-ease-much": meaning(
    "Much ease in the armhole",
    "What was moved into the armhole is eased in when it is sewn. More than a little shows as folds.",
  ),
  "alteration-left-out": meaning(
    "Alteration left out",
    "With this alteration no block can be drawn, so the block is drawn without it. Alter by less.",
  ),
  "armhole-contradiction": meaning(
    "Armhole readings contradict",
    "Length and depth of the armhole do not go together. Measure again, and see whether an allowance is in one of them.",
  ),
  "shoulder-contradiction": meaning(
    "Shoulder readings contradict",
    "The slope is more than the shoulder’s length allows. Measure both again.",
  ),
  "neckline-contradiction": meaning(
    "Neckline readings contradict",
    "Depth, width and length of the neckline do not go together. Measure again.",
  ),
  "armhole-over-neck": meaning(
    "Armhole over the neckline",
    "The armhole would come over the neckline or the centre. One of the readings is of another garment or in another unit.",
  ),
  "armhole-readings-differ": meaning(
    "Front and back armhole far apart",
    "Front and back rarely differ so much. Measure along the stitching line again.",
  ),
  "armhole-front-longer": meaning(
    "Front armhole longer",
    "A front that is hollowed more can be a little longer than the back. More than that may be a slip.",
  ),
  "allowance-over-reading": meaning(
    "Allowance larger than the reading",
    "Taking the allowance off leaves nothing. The reading may have been taken on the stitching line already.",
  ),
  "armhole-read-over": meaning(
    "Armhole read otherwise",
    "The armhole that was read differs from the drafted one, and the sleeve is fitted to what was read. It can be taken into the block.",
  ),
  "neckline-read-over": meaning(
    "Neckline read otherwise",
    "The neckline that was read differs from the drafted one, and the collar is fitted to what was read. It can be taken into the block.",
  ),
  "armhole-read-in-vain": meaning(
    "Armhole reading not used",
    "Nothing is fitted to the armhole that was read. Take the reading out, or choose a sleeve that is set in.",
  ),
  "neckline-read-in-vain": meaning(
    "Neckline reading not used",
    "Nothing is fitted to the neckline that was read. Take the reading out, or choose a collar that is sewn on.",
  ),
  "neckline-read-fits-none": meaning(
    "No neckline as it was read",
    "No neckline of this shape has halves as they were read; the collar is fitted to the drafted one.",
  ),
  "outline-unusable": meaning(
    "Edge not usable",
    "The edge of the drawing cannot be an armhole or a neckline. Open the drawing again and choose another edge.",
  ),
  "traced-estimate": meaning(
    "Traced from a photograph",
    "A traced length is only as good as the points clicked. Lay a tape along one edge to be sure.",
  ),
  "grain-not-given": meaning(
    "Direction told from the armhole",
    "Which way is down was taken from the armhole. Point at the centre line or the grain to be exact.",
  ),
  "no-cap-fits": meaning(
    "No cap fits",
    "No cap with this width fits this armhole and its ease. Change the width of the sleeve, the ease or the armhole.",
  ),
  "rule-gives-no-cap": meaning(
    "The rule gives no cap",
    "With the changes made to it the rule leaves no cap. Change by less, or let the cap be solved.",
  ),
  "cap-too-long": meaning(
    "Cap too long",
    "The cap is longer than the armhole with its ease, and puckers when it is sewn in. Lower it, or narrow the sleeve.",
  ),
  "cap-too-short": meaning(
    "Cap too short",
    "The cap is shorter than the armhole with its ease, and the sleeve cannot be sewn in. Raise it, or widen the sleeve.",
  ),
  "surplus-pleat": meaning(
    "Surplus in pleats",
    "What the cap is longer than the armhole is laid in pleats at the crown.",
  ),
  "surplus-dart": meaning("Surplus in darts", "What the cap is longer than the armhole is sewn as darts at the crown."),
  "surplus-gather": meaning("Surplus gathered", "What the cap is longer than the armhole is gathered at the crown."),
  "surplus-stretch": meaning(
    "Cap stretched",
    "The cap is shorter than the armhole, and the knit is stretched by so much when it is sewn in.",
  ),
  "ease-over-cloth": meaning(
    "More ease than the cloth takes",
    "Ease that the cloth cannot take shows as puckers at the crown. Take less ease, or choose a cloth that shrinks in.",
  ),
  "notch-beyond-seam": meaning(
    "Notch past the end of the seam",
    "The notch was asked for further along than the seam goes, and is drawn at its usual place.",
  ),
  "lower-ease-beyond-seam": meaning(
    "Ease below the notch out of reach",
    "The ease asked for below the notch would move the notch past the crown or the underarm.",
  ),
  "guide-point-out-of-reach": meaning(
    "Guide point out of reach",
    "No fair curve goes so far from the slant; the nearest one is drawn.",
  ),
  "not-solved": meaning(
    "Not found",
    "The figure that was looked for could not be found. It is drawn as near as it comes: measure it on the paper before you cut.",
  ),
  "sleeve-binds": meaning(
    "Sleeve binds",
    "The sleeve is narrower than arm and cloth want; it pulls the garment up with the arm. Make it wider.",
  ),
  "sleeve-baggy": meaning(
    "Sleeve baggy",
    "The sleeve is wider than is usual, and its low cap folds under the arm. Make it narrower, unless it is meant so.",
  ),
  "sides-bulge": meaning(
    "Sides bulge at the elbow",
    "The sleeve is wider at the elbow than on the cap line. Choose straight side seams or less width there.",
  ),
  "hem-too-narrow": meaning(
    "Hem too narrow",
    "No sleeve can be drawn so narrow. The arm or its ease may have been typed in another unit.",
  ),
  "hand-will-not-pass": meaning(
    "The hand does not pass",
    "The closed hem is smaller than the hand. Make the hem wider, or give it an opening or elastic.",
  ),
  "sleeve-too-short": meaning(
    "Sleeve too short",
    "The sleeve ends in its own cap and has no underarm seam. Make it longer or the cap lower.",
  ),
  "sleeve-beyond-arm": meaning(
    "Sleeve over the hand",
    "The finished sleeve is longer than the arm. Shorten it, unless it is meant so.",
  ),
  "turn-up-too-deep": meaning(
    "Turn-up too deep",
    "The turn-up would reach past the cap line, and is left out. Turn up less.",
  ),
  "under-sleeve-too-narrow": meaning(
    "Under sleeve too narrow",
    "The seams are set so far under that too little is left of the under sleeve. Set them under by less.",
  ),
  "elbow-dart-left-out": meaning(
    "Elbow dart left out",
    "A two-piece sleeve bends in its seams and needs no elbow dart.",
  ),
  "no-room-in-sleeve": meaning(
    "No room in the sleeve",
    "A figure asks for more than the sleeve is long or wide; it is drawn as near as there is room.",
  ),
  "cuff-longer-than-hem": meaning(
    "Cuff longer than the hem",
    "The hem has to be at least as long as what it is sewn to. Widen the sleeve or shorten the cuff.",
  ),
  "gathers-bulky": meaning(
    "Gathers bulky",
    "More is gathered than this cloth takes well. Gather less, or choose a thinner cloth.",
  ),
  "gathers-skimpy": meaning(
    "Gathers skimpy",
    "So little is gathered that it looks like a fault. Gather more, or sew it flat.",
  ),
  "top-too-short": meaning(
    "Upper edge shorter than the shoulders",
    "Elastic draws an edge in; it cannot let it out. Gather more at the top.",
  ),
  "hem-width-on-kimono": meaning(
    "Hem width not used",
    "A kimono sleeve is as wide at its hem as its wrist ease and its angle make it. Change the wrist ease instead.",
  ),
  "collar-off-neckline": meaning(
    "Collar and neckline differ",
    "A collar is sewn to its neckline without ease. Let the collar be solved for the neckline.",
  ),
  "fall-off-stand": meaning(
    "Fall and stand differ",
    "The fall is sewn to the stand without ease. Let the fall be solved for the stand.",
  ),
  "fall-too-short": meaning(
    "Fall does not cover the seam",
    "A fall that is hardly longer than its stand shows the neck seam at the back. Make the fall longer.",
  ),
  "let-out-too-far": meaning(
    "Let out too far",
    "Let out further the collar would come back over itself. The most that is possible is drawn.",
  ),
  "collar-rides-up": meaning(
    "Collar rides up",
    "Its outer edge is too short for where it lies: it rides up and shows the neck seam. Let the edge out.",
  ),
  "collar-ripples": meaning(
    "Collar ripples",
    "Its outer edge is too long for where it lies, and ripples. Let it out less.",
  ),
  "collar-swings-far": meaning(
    "Collar lies flat",
    "Swung out so far the collar has hardly a stand at the side of the neck.",
  ),
  "neck-edge-corner": meaning(
    "Corner in the neck edge",
    "A seam that turns a corner has to be clipped there. Let the neck edge follow the neckline.",
  ),
  "corner-rounded-less": meaning("Corner rounded less", "There is less room for the rounding than was asked for."),
  "too-wide-to-lie-flat": meaning(
    "Too wide to lie flat",
    "The edge of so wide a flat collar would run together in front. Make it narrower.",
  ),
  "lapel-near-armhole": meaning(
    "Lapel near the armhole",
    "Turned back it is caught by the sleeve and lifts with the arm. Make the lapel narrower.",
  ),
  "collar-edge-longer": meaning(
    "Collar longer than its lapel",
    "At the notch the collar reaches beyond the lapel. Shorten its edge or widen the lapel.",
  ),
  "break-below-waist": meaning(
    "Break below the waist",
    "The first button sits there, and the front gapes above it. Raise the break point.",
  ),
  "break-above-chest": meaning(
    "Break above the chest",
    "Little is left of the lapel, and it turns back unwillingly. Lower the break point.",
  ),
  "break-too-high": meaning(
    "Break at the neck",
    "The break point does not lie below the front neck: there is nothing to turn back. Lower it.",
  ),
  "gorge-beyond-neckline": meaning(
    "Gorge beyond the neckline",
    "The gorge starts past the end of the neckline. Start it nearer to the neck point.",
  ),
  "foot-too-high": meaning(
    "Lapel widest too high",
    "Above the crease line’s end it is the collar, no longer the lapel. Take it lower.",
  ),
  "notch-too-long": meaning(
    "Notch longer than the gorge",
    "The notch would reach past the start of the gorge. Make it shorter.",
  ),
  "lapel-below-break": meaning(
    "Lapel below its break",
    "A lapel turns back above its break point. Raise the tip or lower the break point.",
  ),
  "collar-end-too-far-out": meaning(
    "Collar end too far out",
    "The neck edge cannot be as short as the back neck so far out. Swing it out less.",
  ),
  "spread-beyond-point": meaning(
    "Spread wider than the point is long",
    "A point cannot lie further aside than its edge is long. Spread it less.",
  ),
  "no-neckline": meaning(
    "No neckline",
    "The sleeve is cut across below the shoulder, and leaves no neckline to sew a collar to.",
  ),
  "no-stand-fits": meaning(
    "No stand fits",
    "No stand so high can be drawn for this neckline. Make it lower, or choose another way of shaping it.",
  ),
  "neckline-below-neck": meaning(
    "Neckline shorter than the neck",
    "A stand sewn to it leans outwards. The neckline is tight, or a figure is wrong.",
  ),
  "stand-rises-high": meaning(
    "Stand bent like a hook",
    "The neckline is much longer than the neck: the stand leans in hard. Narrow the neckline.",
  ),
  "stand-strangles": meaning(
    "Stand strangles",
    "The upper edge is smaller than the neck. Give it more ease or make it lower.",
  ),
  "stand-gapes": meaning("Stand gapes", "The upper edge stands off the neck all round. Let it rise more in front."),
  "fold-strangles": meaning(
    "Roll line strangles",
    "Where the collar turns over it is smaller than the neck. Give it more ease.",
  ),
  "panels-without-princess": meaning(
    "Panels without a princess line",
    "The block has no princess line to cut along: the halves stay whole.",
  ),
  "fullness-without-gathers": meaning(
    "Fullness without gathers",
    "Fullness was typed for a body that is plain. Choose gathers for it, or take the figure out.",
  ),
  "not-on-fold": meaning("Not on the fold", "A centre that is not straight is cut as a pair with a seam."),
  "not-cut-apart": meaning(
    "Not cut into panels",
    "The princess line does not run from top to hem: the half stays whole.",
  ),
  "hem-not-straight": meaning(
    "Curved hem",
    "A curved edge does not fold up flat. Face it, roll it narrow, or make the hem straight.",
  ),
  "front-is-made": meaning(
    "Front edge made twice",
    "Lapel or band makes the front edge already; the other choice is left out.",
  ),
  "zip-beyond-centre": meaning(
    "Zip beyond the centre",
    "Edges that meet in a zip lie at the centre front. Take the overlap off.",
  ),
  "stand-too-narrow": meaning(
    "Button stand too narrow",
    "The collar runs further beyond the centre than the front; the stand is drawn as wide as the collar needs.",
  ),
  "slit-too-long": meaning("Slit too long", "So long a slit leaves no back below it. Make it shorter."),
  "rise-too-high": meaning("Hem rises too high", "Under so high a rise no side seam is left. Let the hem rise less."),
  "front-and-back-differ": meaning(
    "Front and back differ",
    "Edges that are sewn to each other differ in length; the longer one puckers.",
  ),
  "edges-differ": meaning("Edges differ", "An edge could not be brought to the length of the one that it is sewn to."),
  "head-will-not-pass": meaning(
    "The head does not pass",
    "The closed neck is smaller than the head. Widen it, or give it a slit.",
  ),
  "side-and-hem-made-up": meaning(
    "Side and hem made up",
    "Nothing below the armhole was measured. Take side and hem from the bodice’s own pattern.",
  ),
  "front-cut-twice": meaning(
    "Front drawn twice",
    "Sleeve and collar each cut the front anew. Lay one on the other and take what belongs to each.",
  ),
  "outline-crosses-itself": meaning(
    "Outline crosses itself",
    "The piece cannot be cut: two of its lengths or angles contradict each other.",
  ),
  "outline-open": meaning(
    "Outline does not close",
    "The piece cannot be cut: two of its lengths or angles contradict each other.",
  ),
  "no-cutting-line": meaning(
    "No cutting line",
    "An allowance is wider than the piece leaves room for. Make it narrower; the stitching line alone is drawn.",
  ),
} as const satisfies Readonly<Record<string, FindingMeaning>>;

export type FindingCode = keyof typeof FINDINGS;
