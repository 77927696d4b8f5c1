import { createHash } from "node:crypto";
import { globalCss } from "@app/theme/global-css";
import { systemConfigs } from "@app/theme/system";
import { createSystem } from "@chakra-ui/react";
import { serializeStyles } from "@emotion/serialize";
import { compile, serialize, stringify } from "stylis";

/**
 * The rules that all pages share, as one style sheet: written into every page they were most of its bytes, and of the work of making it.
 */
const { layers, _global } = createSystem(...systemConfigs, { globalCss });
export const themeCss = `${layers.atRule}${serialize(compile(serializeStyles(_global).styles), stringify)}`;

/** Its address changes with what is in it, so that a browser may keep it for good. */
export const THEME_ADDRESS = `/theme.css?${createHash("sha256").update(themeCss).digest("base64url").slice(0, 12)}`;
