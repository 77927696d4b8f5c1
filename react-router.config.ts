import type { Config } from "@react-router/dev/config";

// All pages together are named in a few kilobytes, which a browser keeps: looked up page by page they cost a request each time.
export default { appDirectory: "app", ssr: true, routeDiscovery: { mode: "initial" } } satisfies Config;
