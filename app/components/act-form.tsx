import { useEffect, useState } from "react";
import { Form, type FormProps, useNavigation } from "react-router";

/** A form that changes something: it is sent under a key, so that what is sent twice is done once. */
export function ActForm({ children, ...props }: FormProps) {
  return (
    <Form method="post" {...props}>
      <ActKey state={useNavigation().state} />
      {children}
    </Form>
  );
}

/** The key of a form, and another once what was sent under it has been answered. `state` is that of what sends the form. */
export function ActKey({ state }: { readonly state: "idle" | "loading" | "submitting" }) {
  const [key, setKey] = useState(newKey);
  useEffect(() => {
    if (state !== "submitting") return;
    return () => setKey(newKey());
  }, [state]);
  // The server wrote another key into the page than the browser makes: either is as good.
  return <input type="hidden" name="actKey" value={key} readOnly suppressHydrationWarning />;
}

const newKey = () => crypto.randomUUID();
