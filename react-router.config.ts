import type { Config } from "@react-router/dev/config";

export default {
  appDirectory: "app",
  ssr: true,
  // All pages together are named in a few kilobytes, which a browser keeps: looked up page by page they cost a request each time.
  routeDiscovery: { mode: "initial" },
  // One door before every page, and not a look at who asks in each.
  future: { v8_middleware: true },
} satisfies Config;
