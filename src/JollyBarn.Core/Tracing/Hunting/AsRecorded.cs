using System.Collections.Concurrent;
using System.Numerics;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>A setup as recorded, and what each look shows of it: the same where a fault, and what it makes open, take no part in what
/// the look sees.</summary>
/// <remarks>A current driven through the two points of a look drops nothing across what a fault alters: then, by reciprocity, the
/// fault drives nothing between those points either, and nothing that is laid there notices it.</remarks>
internal sealed class AsRecorded
{
    /// <summary>Ω, across what is altered, of what a look drives: under it a link that opens moves nothing anybody sees.</summary>
    private const double Least = 1e-9;

    /// <summary>Guards whose currents differ by less act alike, A.</summary>
    private const double Astray = 1e-5;

    private readonly IReadOnlyList<Fault> lifted;
    private readonly Story story;
    private readonly ConcurrentDictionary<(int, int), Complex[]> drops = new();
    private readonly ConcurrentDictionary<string, Sight> sights = new(StringComparer.Ordinal);

    /// <param name="lifted">What is taken off in the setup, as what it does to the wiring.</param>
    public AsRecorded(Live recorded, IReadOnlyList<Fault> lifted) => (this.lifted, story) = (lifted, Story.Unfold(recorded));

    /// <summary>How things stand with some faults: at first, and after everything that opens has opened.</summary>
    public Story With(IReadOnlyList<Fault> faults) =>
        (faults.Count + lifted.Count) switch
        {
            0 => story,
            1 => Story.Unfold(story.Start.With(faults.Concat(lifted).Single())),
            _ => Story.Unfold(story.Start.With(new Several([.. faults, .. lifted]))),
        };

    /// <summary>What a look shows of how things stand, where that is what it shows as recorded; null where that is not known.</summary>
    public Sight? Of(Story stage, AskedLook asked) =>
        story.Openings.Count == 0
        && Pairs(asked.Look) is { Length: > 0 } pairs
        && pairs.All(p => Apart(stage.End, p.From, p.To))
        && (asked.Look is not { Kind: LookKind.Instrument, Instrument: "plug-in" } || Quiet(stage))
            ? sights.GetOrAdd(asked.Key, _ => Seeing.Of(story, asked.Look, asked.Shock))
            : null;

    /// <summary>The points between which a look lays something.</summary>
    private static (string From, string To)[] Pairs(Look look) =>
        look.Kind switch
        {
            LookKind.Outlet or LookKind.Insulation => [(look.At, look.To!)],
            LookKind.Instrument => [(look.At, look.Instrument == "pen" ? Points.Earth : look.To!)],
            LookKind.Lamps => [(look.At, Seeing.Slot(look.At, "neutral")), (look.At, Seeing.Slot(look.At, "ground"))],
            LookKind.Touch => [(look.At, Points.Earth)],
            _ => [],
        };

    private bool Apart(Live now, string from, string to)
    {
        var (a, b) = (story.Start.At(from), story.Start.At(to));
        if (a == b)
        {
            return true;
        }

        var drop = drops.GetOrAdd((a, b), p => Drop(p.Item1, p.Item2));
        Complex? came = null;
        foreach (var (one, other) in now.Solved.Altered)
        {
            // What came in hangs together somehow: all of it is taken as one.
            if (Math.Min(one, other) < drop.Length)
            {
                var (near, far) = (drop[Math.Min(one, other)], Math.Max(one, other));
                if ((near - (far < drop.Length ? drop[far] : came ??= near)).Magnitude > Least)
                {
                    return false;
                }
            }
        }

        return true;
    }

    private Complex[] Drop(int a, int b)
    {
        var response = story.Start.Solved.RespondTo(a, b);
        return [.. Enumerable.Range(0, story.Start.Solved.Nodes).Select(n => response[n])];
    }

    /// <summary>True where nothing opens by itself, nor may, and no guard carries or sees otherwise than as recorded.</summary>
    private bool Quiet(Story stage) =>
        stage.Openings.Count + stage.Perhaps.Count + story.Perhaps.Count + stage.End.Plan.Arcs.Count == 0
        && stage.End.Plan.Guards.Zip(story.End.Plan.Guards).All(g => Alike(stage.End, g.First, g.Second));

    private bool Alike(Live now, Guard guard, Guard recorded) =>
        guard.Key == recorded.Key
        && guard.Stuck == recorded.Stuck
        && now.Plan.Opened(guard) == story.End.Plan.Opened(recorded)
        && Story.Powered(now, guard) == Story.Powered(story.End, recorded)
        && Math.Abs(Story.Residual(now, guard) - Story.Residual(story.End, recorded)) < Astray;
}
