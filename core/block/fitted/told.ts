/** What a fitted block could not do as it was asked, or did otherwise. Millimetres and radians. */
export type FittedTold =
  | { readonly code: "stooped"; readonly balance: number }
  | { readonly code: "front-lengthened"; readonly measured: number; readonly drafted: number }
  | { readonly code: "front-waist-drop"; readonly drop: number }
  | { readonly code: "front-short-without-dart"; readonly missing: number }
  | { readonly code: "dart-against-cup"; readonly dart: number; readonly cup: number }
  | { readonly code: "across-narrowed"; readonly by: number }
  | { readonly code: "across-widened"; readonly by: number }
  | { readonly code: "tip-not-square"; readonly by: number }
  | { readonly code: "shoulders-differ"; readonly seam: number; readonly width: number }
  | { readonly code: "second-dart" }
  | { readonly code: "waist-over-bust"; readonly over: number }
  | { readonly code: "dart-as-ease"; readonly dart: number };
