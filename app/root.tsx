import "@fontsource-variable/source-sans-3";
import "@fontsource-variable/fraunces";
import { ChakraProvider } from "@chakra-ui/react";
import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { useContext, useState } from "react";
import { Links, Meta, Outlet, Scripts, ScrollRestoration, useRouteLoaderData } from "react-router";
import type { Route } from "./+types/root";
import { Frame } from "./components/frame";
import { NonceContext } from "./components/nonce";
import { USUALLY_FOLDED } from "./components/panels";
import { PreferencesProvider } from "./components/preferences";
import { TapeTargetProvider } from "./components/tape-target";
import { Trouble } from "./components/trouble";
import { readPreferences } from "./server/preferences";
import { atTheDoor } from "./server/sign-in/door";
import { personContext } from "./server/sign-in/person";
import { THEME_ADDRESS } from "./server/theme-css";
import { pageSystem } from "./theme/system";

export const middleware = [atTheDoor];

export function loader({ request, context }: Route.LoaderArgs) {
  const person = context.get(personContext);
  const at = person?.membership ?? null;
  return {
    ...readPreferences(request, at?.studio.settings.unit),
    paper: at?.studio.settings.paper,
    initials: at?.studio.settings.initials,
    inchMarks: at?.studio.settings.inchMarks,
    theme: THEME_ADDRESS,
    person: person && { name: person.name, studio: at?.studio.name ?? null, role: at?.role ?? null },
  };
}

/** The preferences live in the page once it is open; asking again would only bring back what it told, but for who has come in. */
export const shouldRevalidate = ({ formAction }: { readonly formAction?: string | undefined }) =>
  formAction !== undefined && /^\/(sign-in|sign-out|studios|invitations|account|settings)/.test(formAction);

export const meta: Route.MetaFunction = () => [{ title: "Gamine" }];

/** A page that could not be loaded has the style sheet still. */
const NOTHING_KNOWN = { unit: "in", look: "light", folded: USUALLY_FOLDED, theme: "/theme.css", person: null } as const;

export function Layout({ children }: { readonly children: React.ReactNode }) {
  const preferences = useRouteLoaderData<typeof loader>("root") ?? NOTHING_KNOWN;
  const nonce = useContext(NonceContext);
  const [cache] = useState(() => createCache({ key: "css", ...(nonce === undefined ? {} : { nonce }) }));
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
        <CacheProvider value={cache}>
          <ChakraProvider value={pageSystem}>
            <PreferencesProvider initial={preferences}>
              <TapeTargetProvider>
                <Frame person={preferences.person}>{children}</Frame>
              </TapeTargetProvider>
            </PreferencesProvider>
          </ChakraProvider>
        </CacheProvider>
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
