import { useSearchParams } from "react-router";

/** A question that stands whole in the address: it can be sent on, and a reload keeps it. */
export function useAsked() {
  const [search, setSearch] = useSearchParams();
  return {
    text: (key: string) => search.get(key) ?? "",
    put: (change: Record<string, string>) => {
      const next = new URLSearchParams(search);
      for (const [key, value] of Object.entries(change)) {
        if (value) next.set(key, value);
        else next.delete(key);
      }
      setSearch(next, { replace: true });
    },
  };
}
