/** Imports go down the layers only: app and cli, exporting, core from garment to geometry. */
const CORE_LAYERS = [
  "data",
  "geometry",
  "tape",
  "trace",
  "draft",
  "practice",
  "body",
  "cloth",
  "block",
  "pattern",
  "sleeve",
  "collar",
  "bodice",
  "spec",
  "resolve",
  "drafting",
  "judge",
  "garment",
  "cut",
  "result",
  "compare",
  "toile",
  "fitting",
  "studio",
  "starting",
];

const upwardsInCore = CORE_LAYERS.slice(0, -1).map((layer, index) => ({
  name: `core-${layer}-looks-up`,
  comment: `core/${layer} may only import the layers below it`,
  severity: "error",
  from: { path: `^core/${layer}/`, pathNot: "\\.test\\.ts$" },
  to: { path: `^core/(${CORE_LAYERS.slice(index + 1).join("|")})/` },
}));

/** The floors of the app: a station stands on the sheet, the sheet on the work, the work on what is shared by every page. */
const APP_FLOORS = ["components", "tape|measures", "work", "features", "sheet", "reviews", "stations", "routes"];

const upwardsInApp = APP_FLOORS.slice(0, -1).map((floor, index) => ({
  name: `app-${floor.replace("|", "-and-")}-looks-up`,
  comment: `app/${floor} may only import the floors below it`,
  severity: "error",
  from: { path: `^app/(${floor})/`, pathNot: "\\.test\\.ts$" },
  to: { path: `^app/(${APP_FLOORS.slice(index + 1).join("|")})/` },
}));

module.exports = {
  forbidden: [
    ...upwardsInCore,
    {
      name: "core-stays-pure",
      comment: "the core knows no interface, no files, no database and no Node",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.test\\.ts$|^core/testing/" },
      to: {
        pathNot:
          "^core/|node_modules/(zod|fraction\\.js|fastest-levenshtein|clipper2-ts|delaunator|@kninnug/constrainautor)/",
      },
    },
    {
      name: "exporting-has-no-screens",
      severity: "error",
      from: { path: "^exporting/" },
      to: { path: "^(app|cli|database|importing)/|node_modules/(react|react-dom|react-router|drizzle-orm|pg)/" },
    },
    {
      name: "importing-has-no-screens",
      severity: "error",
      from: { path: "^importing/", pathNot: "\\.test\\.ts$" },
      to: { path: "^(app|cli|database|exporting)/|node_modules/(react|react-dom|react-router|drizzle-orm|pg)/" },
    },
    {
      name: "database-has-no-screens",
      severity: "error",
      from: { path: "^database/" },
      to: { path: "^(app|cli|exporting|importing)/|node_modules/(react|react-dom|react-router)/" },
    },
    { name: "cli-has-no-screens", severity: "error", from: { path: "^cli/" }, to: { path: "^(app|database)/" } },
    {
      name: "screens-do-not-ask-the-server",
      comment: "screens get their data from loaders and actions",
      severity: "error",
      from: { path: "^app/(?!server/|routes|entry|root)", pathNot: "\\.test\\.ts$" },
      to: { path: "^(app/server|app/routes|database)/" },
    },
    ...upwardsInApp,
    {
      name: "stations-do-not-know-each-other",
      comment: "what two stations share stands on a floor below them",
      severity: "error",
      from: { path: "^app/stations/([^/]+)/" },
      to: { path: "^app/stations/", pathNot: "^app/stations/$1/" },
    },
    {
      name: "one-door-to-a-workroom",
      comment: "what is kept for a workroom is asked for through studioQueries, which knows whose it is",
      severity: "error",
      from: { path: "^app/" },
      to: {
        path: "^database/queries/(clients|cloths|fittings|garments|plans|practice|shelves|starting-points)\\.ts$",
        dependencyTypesNot: ["type-only"],
      },
    },
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
    {
      name: "index-only-from-outside",
      comment: "a core folder is used through its index; tests may look inside their own",
      severity: "error",
      from: { path: "^(app|cli|exporting|importing|database)/", pathNot: "\\.test\\.ts$" },
      to: { path: "^core/", pathNot: "/index\\.ts$" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: "^(build|\\.react-router)/" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
