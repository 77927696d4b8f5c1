import { createSystem, defineConfig } from "@chakra-ui/react";
import { defaultBaseConfig } from "@chakra-ui/react/preset-base";
import {
  breakpoints,
  buttonRecipe,
  fieldSlotRecipe,
  headingRecipe,
  inputRecipe,
  nativeSelectSlotRecipe,
  semanticTokens,
  tableSlotRecipe,
  textareaRecipe,
  textStyles,
  tokens,
} from "@chakra-ui/react/theme";

/** Warm paper, ink, one chalk accent. Screens use these names and no raw colours. */
const config = defineConfig({
  theme: {
    tokens: {
      fonts: {
        body: { value: "'Source Sans 3 Variable', 'Source Sans 3', sans-serif" },
        heading: { value: "'Fraunces Variable', Georgia, serif" },
      },
    },
    semanticTokens: {
      colors: {
        paper: { value: { _light: "#f4eee2", _dark: "#1f1b17" } },
        panel: { value: { _light: "#fbf8f1", _dark: "#29241f" } },
        sunken: { value: { _light: "#ebe3d3", _dark: "#181512" } },
        ink: { value: { _light: "#29241f", _dark: "#f0e8da" } },
        inkSoft: { value: { _light: "#665c50", _dark: "#b5a996" } },
        border: { DEFAULT: { value: { _light: "#d8ccb8", _dark: "#463d33" } } },
        rule: { value: { _light: "#d8ccb8", _dark: "#463d33" } },
        ruleStrong: { value: { _light: "#8f8371", _dark: "#8b7e6c" } },
        chalk: { value: { _light: "#1d5c79", _dark: "#8cc6e0" } },
        chalkPale: { value: { _light: "#d7e6ec", _dark: "#22404d" } },
        onChalk: { value: { _light: "#ffffff", _dark: "#12252e" } },
        fault: { value: { _light: "#9c2f22", _dark: "#f0a093" } },
        faultPale: { value: { _light: "#f6dfd9", _dark: "#4b2620" } },
        warn: { value: { _light: "#7d5200", _dark: "#e8bd6a" } },
        warnPale: { value: { _light: "#f7e8c8", _dark: "#453512" } },
        good: { value: { _light: "#37652f", _dark: "#a4cf97" } },
      },
    },
  },
});

/** The palettes that nothing is drawn with: writing out their variables took a tenth of the opening of a page. */
const UNUSED_PALETTES = ["teal", "yellow", "cyan", "purple", "pink", "orange", "green", "blue"];
const UNUSED_SCALES = ["aspectRatios", "animations", "blurs"];

function without<Of extends object>(of: Of, unused: readonly string[]) {
  return Object.fromEntries(Object.entries(of).filter(([name]) => !unused.includes(name)));
}

/**
 * Chakra's theme without the recipes of the components that no screen has: they were a tenth of the script that a first page waits for.
 * Its global rules are replaced by ours (global-css): among them, one set some thirty variables on every element, which cost a fifth of every dragged
 * frame (10.9 to 8.8 ms, measured).
 */
const base = defineConfig({
  preflight: true,
  cssVarsPrefix: "chakra",
  cssVarsRoot: ":where(html, .chakra-theme)",
  theme: {
    breakpoints,
    tokens: { ...without(tokens, UNUSED_SCALES), colors: without(tokens.colors, UNUSED_PALETTES) },
    semanticTokens: { ...semanticTokens, colors: without(semanticTokens.colors, UNUSED_PALETTES) },
    textStyles,
    recipes: { button: buttonRecipe, heading: headingRecipe, input: inputRecipe, textarea: textareaRecipe },
    slotRecipes: {
      field: fieldSlotRecipe,
      nativeSelect: nativeSelectSlotRecipe,
      table: tableSlotRecipe,
    },
  },
});

/** What every page and its style sheet are drawn with. */
export const systemConfigs = [defaultBaseConfig, base, config] as const;

const drawn = createSystem(...systemConfigs, { disableLayers: true, preflight: false });

/**
 * What components are drawn with: the tokens and the global rules come to a page as a style sheet (server/theme-css), neither written into
 * each page nor sent with the script.
 */
export const pageSystem: typeof drawn = { ...drawn, _global: [] };
