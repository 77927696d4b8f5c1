/**
 * Our own figure for showing where the tape goes: half of a standing body from the front, drawn about x = 100 and mirrored to the
 * other half. The back shows the same outline with its own marks.
 */
export const FIGURE_BOX = "18 6 164 286";

/** The right-hand half of the body: neck and shoulder, and from the underarm down to the thigh. */
export const BODY_HALF =
  "M108 57C108 66 108 71 112 75C121 80 133 82 140 88M132 118C130 124 133 128 132 134C130 150 122 160 122 177C122 194 134 206 136 226C137 242 134 262 132 284";

/** The right-hand arm, a little away from the body, with its hand. */
export const ARM =
  "M140 88C149 92 153 102 154 116C156 138 159 152 161 170C163 190 165 208 167 226C169 234 171 242 169 250C167 257 162 258 160 252C158 246 156 236 155 227C153 208 147 192 145 173C142 152 137 136 132 118";

export const HEAD = { cx: 100, cy: 36, rx: 16.5, ry: 21.5 } as const;

/** Small marks that tell front from back. */
export const FRONT_MARKS = [
  "M92 78Q100 84 108 78",
  "M113 132a3 3 0 1 0 .1 0M87 132a3 3 0 1 0 .1 0",
  "M100 206v4",
] as const;
export const BACK_MARKS = ["M100 70v5", "M86 100Q84 116 88 128M114 100Q116 116 112 128", "M100 80V200"] as const;
