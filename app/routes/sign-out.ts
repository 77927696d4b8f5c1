import { askAuth } from "@app/server/sign-in/asked-of-auth";
import { enter } from "@app/server/sign-in/entering";
import { redirect } from "react-router";
import type { Route } from "./+types/sign-out";

/** Ends this browser's session. */
export async function action({ request }: Route.ActionArgs) {
  const answer = await askAuth(request, "/sign-out", {});
  return enter(answer.ok ? answer.cookies : [], "/sign-in");
}

export const loader = () => redirect("/account");
