import { themeCss } from "@app/server/theme-css";

/** The style sheet that all pages share. */
export function loader() {
  return new Response(themeCss, {
    headers: { "content-type": "text/css; charset=utf-8", "cache-control": "public, max-age=31536000, immutable" },
  });
}
