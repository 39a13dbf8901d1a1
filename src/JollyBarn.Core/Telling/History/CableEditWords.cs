using JollyBarn.Edits;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Edits of cables and their ends.</summary>
internal sealed class CableEditWords : EditWords
{
    public CableEditWords()
    {
        InBox<AddCable>((e, _) => $"{e.Cable.Gauge}-{e.Cable.Conductors} brought in{(e.Says is null ? "" : " " + e.Says)}");
        InBox<NameCable>((e, _) => $"cable {e.Says ?? "without a name"}, {Feeding(e.Feeds)}");
        InBox<ConnectRun>((e, _) => $"cable followed to here{(e.Says is null ? "" : ", " + e.Says)}");
        OfBox<RemoveCable>((e, job) => $"{Here(job, e.Box, e.Run)} pulled out");
        OfBox<PassThrough>((e, job) => $"{Here(job, e.Box, e.Run)} {(e.Form == LeadForm.Loop ? "left in loops" : "passes through")}");
        OfBox<SplitRun>((e, job) => $"put into {new Names(job).Run(e.Run)}, which goes on from here");
        OfBox<MoveRunEnd>((e, job) => $"{Here(job, e.Box, e.Run)} pulled out, and brought into {job.Boxes.Find(e.To)?.Name}");
        Says<HurtRun>((e, job) => $"{Line.Start(new Names(job).Run(e.Run))}: {Hurt(e.Hurt)}");
        Says<MendRun>((e, job) => $"{Line.Start(new Names(job).Run(e.Run))}: no longer hurt there");
        Says<SetRun>((e, job) => $"{Line.Start(new Names(job).Run(e.Run))}: {Described(e, job)}");
        Says<EndAtPanel>((e, job) => $"{Line.Start(new Names(job).Run(e.Run))} ends at {job.Panels.Find(e.Panel)?.Name}");
        Says<EndAtLoad>((e, job) => $"{Line.Start(new Names(job).Run(e.Run))} ends at {e.Says}");
        Says<LoseEnd>((e, job) => $"Nobody knows where {new Names(job).Run(e.Run)} ends");
    }

    /// <summary>A cable as the box spoken of sees it.</summary>
    private static string Here(Job job, Id<Box> box, Id<Run> run) => new Names(job, box).Of(new Thing(ThingKind.RunHere, run));

    private static string Described(SetRun set, Job job)
    {
        string?[] said =
        [
            set.Type is { } type ? ChoiceWords.Cable(type) : null,
            set.Metal is { } metal ? ChoiceWords.Of(metal) : null,
            set.Ground is { } ground ? ChoiceWords.Ground(ground) : null,
            set.Length?.OrNull is { } length ? $"{length} long"
            : set.Length is null ? null
            : "length not known",
            set.Sheath is { } sheath ? $"{sheath} sheath" : null,
            set.Circuit is not { } circuit ? null
            : job.Circuits.Find(circuit) is { } found ? $"on {found.Name}"
            : "on no circuit",
        ];
        return string.Join(", ", said.OfType<string>().DefaultIfEmpty("as it was"));
    }

    private static string Hurt(RunHurt hurt) =>
        (
            hurt.Kind switch
            {
                HurtKind.Cut => "cut through",
                HurtKind.Exposed => "bare copper in reach",
                HurtKind.Nicked => "nicked",
                _ => "crushed",
            }
        ) + (hurt.Along?.OrNull is { } along ? $", {along} along" : "");

    private static string Feeding(Feeds feeds) =>
        feeds switch
        {
            Feeds.FeedsIn => "feeds in",
            Feeds.FeedsOn => "feeds on",
            Feeds.Protected => "protected",
            _ => "cannot tell",
        };
}
