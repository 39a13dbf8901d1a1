using JollyBarn.Edits;
using JollyBarn.Inspection.Rules;
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
            var comes = ask.Finding.Is("feed-mark", FeedMarks.Case.BringsPower);
            var mark = comes ? Feeds.FeedsIn : Feeds.FeedsOn;
            yield return Remedy.Of(
                comes ? Case.FeedsIn : Case.FeedsOn,
                new NameCable(ask.BoxId, cable.RunId, cable.Side, cable.End.Says, mark),
                ("cable", cable.Thing)
            );
        }
    }
}
