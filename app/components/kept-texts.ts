import { useCallback, useEffect, useState } from "react";
import { useLocation, useNavigation } from "react-router";

type Texts = Readonly<Record<string, string>>;

/**
 * What is typed in a form, kept in the browser's session under `key`: a reload or a failed save loses nothing. It is
 * forgotten once the form has been taken and the page moves on.
 */
export function useKeptTexts(
  key: string,
  initial: Texts,
): readonly [texts: Texts, setTexts: (changes: Texts) => void, forget: () => void] {
  const [texts, setTexts] = useState(initial);
  const navigation = useNavigation();
  const { pathname } = useLocation();
  const isTaken =
    navigation.state === "loading" && navigation.formMethod === "POST" && navigation.location.pathname !== pathname;

  useEffect(() => {
    const kept = readKept(key);
    if (kept) setTexts((before) => ({ ...before, ...kept }));
  }, [key]);

  useEffect(() => {
    if (isTaken) sessionStorage.removeItem(key);
  }, [isTaken, key]);

  const setText = useCallback(
    (changes: Texts) =>
      setTexts((before) => {
        const next = { ...before, ...changes };
        try {
          sessionStorage.setItem(key, JSON.stringify(next));
        } catch {
          // Storage that is full or switched off must not stop the typing.
        }
        return next;
      }),
    [key],
  );
  const forget = useCallback(() => sessionStorage.removeItem(key), [key]);
  return [texts, setText, forget];
}

function readKept(key: string): Texts | null {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(key) ?? "null");
    if (kept === null || typeof kept !== "object") return null;
    return Object.fromEntries(
      Object.entries(kept).filter((entry): entry is [string, string] => typeof entry[1] === "string"),
    );
  } catch {
    return null;
  }
}
