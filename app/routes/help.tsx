import { Page } from "@app/components/page";
import { HelpPage } from "@app/features/help/help-page";
import { FINDINGS } from "@core/judge/index";
import { shownOf, shownWords } from "@core/starting/index";
import type { Route } from "./+types/help";

export const meta: Route.MetaFunction = () => [{ title: "Help · Gamine" }];

/** The same for everybody: read from the tables that the drafts are made of. */
export function loader() {
  return {
    ...shownWords(),
    worn: shownOf("work-shirt").worn,
    findings: Object.entries(FINDINGS).map(([code, meaning]) => ({ code, ...meaning })),
  };
}

export default function Help({ loaderData }: Route.ComponentProps) {
  return (
    <Page title="Help">
      <HelpPage {...loaderData} />
    </Page>
  );
}
