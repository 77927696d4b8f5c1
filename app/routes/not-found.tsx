import { data } from "react-router";

/** Any address that leads nowhere: the error page says so. */
export function loader(): never {
  throw data("The page may have moved, or the address was mistyped.", { status: 404 });
}

export default function NotFound() {
  return null;
}
