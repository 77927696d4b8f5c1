import { index, type RouteConfig, route } from "@react-router/dev/routes";

export default [
  index("routes/worktable.tsx"),
  route("clients", "routes/clients.tsx"),
  route("clients/new", "routes/client-new.tsx"),
  route("clients/:clientId", "routes/client.tsx"),
  route("clients/:clientId/measures.csv", "routes/client-csv.ts"),
  route("clients/:clientId/measure", "routes/client-measure.tsx"),
  route("search", "routes/search.tsx"),
  route("shelves", "routes/shelves.tsx"),
  route("cloths", "routes/cloths.tsx"),
  route("garments/new", "routes/garment-new.tsx"),
  route("starting-points", "routes/starting-points.ts"),
  route("garments/:garmentId/practice-answers", "routes/garment-practice.ts"),
  route("garments/:garmentId/save", "routes/garment-save.ts"),
  route("garments/:garmentId/:station", "routes/garment.tsx"),
  route("tape/:tapeId", "routes/tape.ts"),
  route("theme.css", "routes/theme-css.ts"),
  route("plotter", "routes/plotter.ts"),
  route("sheets/:file", "routes/sheets.ts"),
  route("*", "routes/not-found.tsx"),
] satisfies RouteConfig;
