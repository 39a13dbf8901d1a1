using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Testing.Oracle;

/// <summary>A job solved in every position of its switches.</summary>
public static class Positions
{
    public static IEnumerable<Live> Of(Job job, IReadOnlyDictionary<string, bool> breakers)
    {
        var switches = job
            .Boxes.SelectMany(b => b.Value.Devices.Where(d => DeviceKinds.Find(d.Value.Kind)!.Switches).Select(d => $"{b.Key}/{d.Key}"))
            .ToList();
        for (var position = 0; position < 1 << switches.Count; position++)
        {
            var at = position;
            yield return Live.Fresh(
                job,
                new Situation
                {
                    Stray = false,
                    Loads = false,
                    Breakers = breakers,
                    Switches = switches.Select((s, i) => (s, i)).ToDictionary(s => s.s, s => (at >> s.i & 1) == 1),
                }
            );
        }
    }
}

/// <summary>What is live by the solved network with some breakers on and all others off.</summary>
public static class LiveStops
{
    /// <summary>Keys of the boxes where a conductor of a cable is at 60 V and more, in some position of the switches; and whether a short
    /// holds one down, so that something opens.</summary>
    public static (HashSet<string> Live, bool Opens) Of(Job job, IReadOnlyCollection<string> on)
    {
        var breakers = Signature.AllOn(job).ToDictionary(b => b.Key, b => on.Contains(b.Key));
        var positions = Positions.Of(job, breakers).ToList();
        HashSet<string> live =
        [
            .. positions
                .SelectMany(live =>
                    job.Boxes.Where(b =>
                        b.Value.Leads.Any(l =>
                            l.Value is { Run: not null, IsGround: false } && live.Volts(Points.Lead(b.Key, l.Key, l.Value)).Magnitude >= 60
                        )
                    )
                )
                .Select(b => $"b:{b.Key}"),
        ];
        return (live, positions.Exists(p => Story.Unfold(p).Openings.Count > 0));
    }
}
