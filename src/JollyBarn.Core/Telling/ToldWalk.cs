using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A box of the walk, in words.</summary>
/// <param name="On">The breakers it is taken to hang on.</param>
/// <param name="Known">So sure that no further look is needed.</param>
public sealed record ToldWalked(Id<Box> Box, string Name, string? Place, IReadOnlyList<string> On, double Sure, int Looks, bool Known);

/// <summary>A thing that minds losing power.</summary>
/// <param name="At">The box it hangs on; null where nobody said.</param>
public sealed record ToldMinding(string Name, PowerLoss Minds, string? At);

/// <summary>A walk through the whole house, in words.</summary>
/// <param name="Off">Breakers that are off in this round, by their keys.</param>
/// <param name="Look">Boxes to look at in it.</param>
/// <param name="Kept">Breakers left alone, as people call them.</param>
/// <param name="Minding">What minds losing power.</param>
public sealed record ToldWalk(
    int Round,
    int Rounds,
    bool Again,
    IReadOnlyList<ToldHandle> Throw,
    IReadOnlyList<string> Off,
    IReadOnlyList<ToldWalked> Look,
    IReadOnlyList<ToldWalked> Known,
    IReadOnlyList<string> Kept,
    IReadOnlyList<ToldMinding> Minding
)
{
    public static ToldWalk Tell(Job job, BreakerWalk walk)
    {
        var all = walk.Known.ToDictionary(k => k.Box, k => Told(job, k));
        return new(
            walk.Round,
            walk.Rounds,
            walk.Again,
            [.. walk.Throw.Select(t => ToldSearch.Handle(job, t.Key, t.Value)).OrderBy(h => !h.Off)],
            walk.Off,
            [.. walk.Look.Select(b => all[b])],
            [.. walk.Known.Select(k => all[k.Box])],
            [.. walk.Kept.Select(k => BreakerNames.Find(job, k).Where)],
            [
                .. job
                    .Appliances.Values.Where(a => a.Minds != PowerLoss.Nothing)
                    .OrderBy(a => a.Minds)
                    .ThenBy(a => a.Name, StringComparer.OrdinalIgnoreCase)
                    .Select(a => new ToldMinding(a.Name, a.Minds, job.Boxes.Find(a.Box)?.Name)),
            ]
        );
    }

    private static ToldWalked Told(Job job, WalkedBox walked)
    {
        var box = job.Boxes[walked.Box];
        return new(
            walked.Box,
            box.Name,
            job.Places.Find(box.Place ?? "")?.Name,
            [.. walked.Feeding.Select(k => BreakerNames.Find(job, k).Where)],
            walked.Sure,
            walked.Looks,
            walked.Sure >= BreakerWalk.Enough
        );
    }
}
