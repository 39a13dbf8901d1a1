using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A cable marked otherwise than its wiring shows: marked as it is.</summary>
public sealed class SayWhatItDoes : IRemedies
{
    public enum Case
    {
        FeedsIn,
        FeedsOn,
    }

    public IReadOnlyList<string> Rules { get; } = ["feed-mark"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Look.Cables.FirstOrDefault(c => c.Id == ask.Of) is { } cable)
        {
            var hot = cable.Leads.Any(l => ask.Look.Comings.By(ask.Box.Leads[l]).Hot);
            var mark = hot ? Feeds.FeedsIn : Feeds.FeedsOn;
            yield return Remedy.Of(
                hot ? Case.FeedsIn : Case.FeedsOn,
                new NameCable(ask.BoxId, cable.RunId, cable.Side, cable.End.Says, mark),
                ("cable", cable.Thing)
            );
        }
    }
}
