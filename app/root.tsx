import "@fontsource-variable/source-sans-3";
import "@fontsource-variable/fraunces";
import { ChakraProvider } from "@chakra-ui/react";
import { Links, Meta, Outlet, Scripts, ScrollRestoration, useRouteLoaderData } from "react-router";
import type { Route } from "./+types/root";
import { Frame } from "./components/frame";
import { PreferencesProvider } from "./components/preferences";
import { TapeTargetProvider } from "./components/tape-target";
import { Trouble } from "./components/trouble";
import { readPreferences } from "./server/preferences";
import { THEME_ADDRESS } from "./server/theme-css";
import { pageSystem } from "./theme/system";

export function loader({ request }: Route.LoaderArgs) {
  return { ...readPreferences(request), theme: THEME_ADDRESS };
}

/** The preferences live in the page once it is open; asking again would only bring back what it told. */
export const shouldRevalidate = () => false;

export const meta: Route.MetaFunction = () => [{ title: "Gamine" }];

/** A page that could not be loaded has the style sheet still. */
const NOTHING_KNOWN = { unit: "in", look: "light", theme: "/theme.css" } as const;

export function Layout({ children }: { readonly children: React.ReactNode }) {
  const preferences = useRouteLoaderData<typeof loader>("root") ?? NOTHING_KNOWN;
  return (
    <html lang="en" className={preferences.look} style={{ colorScheme: preferences.look }} suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="icon" href="/mark.svg" type="image/svg+xml" />
        <Meta />
        <link rel="stylesheet" href={preferences.theme} />
        <Links />
      </head>
      <body>
        <ChakraProvider value={pageSystem}>
          <PreferencesProvider initial={preferences}>
            <TapeTargetProvider>
              <Frame>{children}</Frame>
            </TapeTargetProvider>
          </PreferencesProvider>
        </ChakraProvider>
        <ScrollRestoration />
        <Scripts />
      </body>
    </html>
  );
}

export default function Root() {
  return <Outlet />;
}

export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  return <Trouble error={error} />;
}
