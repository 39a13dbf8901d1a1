using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Breakers that must open together and stand apart: one moved to a free slot next to the other, where a listed tie joins
/// them.</summary>
public sealed class TieThem : IRemedies
{
    public enum Case
    {
        MoveNextTo,
    }

    public IReadOnlyList<string> Rules { get; } = ["yoke-together", "multiwire-tied"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Finding.Details["breakers"] is not Thing[] { Length: 2 } pair || pair[0].In != pair[1].In)
        {
            yield break;
        }

        Id<Panel> id = pair[0].In!;
        var panel = ask.Job.Panels[id];
        var breakers = pair.Select(p => panel.Breakers.FirstOrDefault(b => b.Key == p.Id)).OfType<Breaker>().ToList();
        if (breakers is not [{ Poles: 1 }, { Poles: 1 }])
        {
            yield break;
        }

        var taken = panel.Breakers.SelectMany(b => Enumerable.Range(0, b.Poles).Select(p => b.Slot + (2 * p))).ToHashSet();
        foreach (var (stays, moves) in new[] { (breakers[0], breakers[1]), (breakers[1], breakers[0]) })
        {
            if (new[] { stays.Slot + 2, stays.Slot - 2 }.FirstOrNull(s => s >= 1 && s <= panel.Slots && !taken.Contains(s)) is { } free)
            {
                yield return Remedy.Of(
                    Case.MoveNextTo,
                    new PutPanel(
                        id,
                        panel with
                        {
                            Breakers = [.. panel.Breakers.Select(b => b.Key == moves.Key ? b with { Slot = free, Lower = false } : b)],
                        }
                    ),
                    ("breaker", Thing.Breaker(id, moves.Key)),
                    ("slot", free),
                    ("other", Thing.Breaker(id, stays.Key))
                );
            }
        }
    }
}
