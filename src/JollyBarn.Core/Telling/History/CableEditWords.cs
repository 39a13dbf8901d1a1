using JollyBarn.Edits;
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
        InBox<RemoveCable>((_, _) => "a cable pulled out");
        InBox<PassThrough>((e, _) => e.Form == LeadForm.Loop ? "conductors left as loops" : "conductors pass through");
        Says<SetRun>((_, _) => "Cable described");
        Says<EndAtPanel>((e, job) => $"A cable ends at {job.Panels.Find(e.Panel)?.Name}");
        Says<EndAtLoad>((e, _) => $"A cable ends at {e.Says}");
        Says<LoseEnd>((_, _) => "Nobody knows where a cable ends");
    }

    private static string Feeding(Feeds feeds) =>
        feeds switch
        {
            Feeds.FeedsIn => "feeds in",
            Feeds.FeedsOn => "feeds on",
            Feeds.Protected => "protected",
            _ => "cannot tell",
        };
}
