import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import { api, must, type Schemas } from "../../api/client";
import { useCatalogue } from "../../model/job";
import { Nowhere } from "../../parts/Nowhere";
import { words } from "../../words";

const StillPicture = lazy(() => import("../../bench/StillPicture"));

/** The box a question or its answer is about. */
export function BoxDrawn({ of, most }: { of: Schemas["ToldBoxPicture"]; most: number }) {
  const catalogue = useCatalogue();
  const { kind, seed, level, edition, made } = of;
  const box = useQuery({
    queryKey: ["drawn", kind, seed, level, edition, made],
    queryFn: () => must(api.GET("/api/practice/picture", { params: { query: { of: kind, seed, level, edition, made } } })),
    staleTime: Infinity,
  });
  if (box.error) return <Nowhere error={box.error} />;
  return (
    <Suspense fallback={<p className="text-ink-2">{words.loading}</p>}>
      {box.data && catalogue.data ? (
        <StillPicture view={box.data} catalogue={catalogue.data} most={most} />
      ) : (
        <p className="text-ink-2">{words.loading}</p>
      )}
    </Suspense>
  );
}
