using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection.Sheet;

/// <summary>A breaker that feeds a box.</summary>
/// <param name="Colours">Colours of the hots of it that come into the box, as they are marked, each once.</param>
/// <param name="Seen">True when the recorded wiring leads from the breaker into the box; false where a cable or a mark alone says
/// so.</param>
public sealed record LabelBreaker(string Panel, Breaker Breaker, IReadOnlyList<string> Colours, bool Seen);

/// <summary>What the label inside a box's cover says: what feeds it, and where what protects it is reset.</summary>
/// <param name="Breakers">In the order of the run sheet; none where nothing that feeds it is known.</param>
/// <param name="Behind">Protection ahead of it, where somebody goes to reset it.</param>
/// <remarks>Common practice; NEC 408.4 asks it of panels only. With several circuits the colour of the hots tells them apart.</remarks>
public sealed record CoverLabel(Id<Box> Box, IReadOnlyList<LabelBreaker> Breakers, IReadOnlyList<GuardKey> Behind)
{
    public static CoverLabel Of(Job job, Id<Box> id)
    {
        var box = job.Boxes[id];
        var stops = RunSheet
            .Of(job)
            .Rails.SelectMany(r => r.Stops.Where(s => s.At == StopAt.Box && s.Id == id.Text).Select(s => (Rail: r, Stop: s)))
            .ToList();
        var hots = Hots(job, id, box);
        return new(
            id,
            [
                .. stops
                    .SelectMany(s => (s.Stop.Breakers.Count > 0 ? s.Stop.Breakers : s.Rail.Breakers).Select(key => (Key: key, s.Stop)))
                    .DistinctBy(s => s.Key)
                    .Select(s => (s.Key, s.Stop, At: BreakerKey.Find(job, s.Key)!.Value))
                    .Select(s => new LabelBreaker(s.At.Panel, s.At.Breaker, [.. hots[s.Key].Distinct()], s.Stop.Seen)),
            ],
            [.. stops.SelectMany(s => s.Stop.Behind).Where(g => g.In != id.Text).Distinct()]
        );
    }

    /// <summary>Colours of the conductors of its cables that reach a hot, by the breaker it is of.</summary>
    private static ILookup<string, string> Hots(Job job, Id<Box> id, Box box)
    {
        var wires = Connected.Of(job).In(id);
        return box
            .Leads.Where(l => l.Value is { Run: not null, IsGround: false })
            .OrderBy(l => l.Key)
            .SelectMany(l =>
                wires
                    .Lead(box, l.Key)
                    .Always.At.Where(e => e is { What: Gives.Hot, Breaker: not null })
                    .Select(e => (Key: $"{e.Panel}/{e.Breaker}", Colour: l.Value.MarkedAs ?? l.Value.Colour))
            )
            .ToLookup(h => h.Key, h => h.Colour);
    }
}
