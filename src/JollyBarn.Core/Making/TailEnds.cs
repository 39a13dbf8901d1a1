using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>Pigtails and pieces that go on, made and laid end by end.</summary>
internal static class TailEnds
{
    /// <summary>The edits that make a pigtail, where it is not there yet, and lay those of its ends that may lie by now: what waits for a
    /// device stays loose.</summary>
    /// <param name="at">What may be landed on.</param>
    /// <param name="joint">The joint that is being made; an end in another that is not there yet waits.</param>
    public static IEnumerable<Edit> Lay(CardMaker card, Id<Lead> id, IReadOnlyList<LandingAt> at, Id<Joint>? joint)
    {
        var goal = card.Goal.Pigtails[id];
        var now = card.Box.Pigtails.Find(id);
        Landing May(Landing planned, Landing? lies) =>
            at.Contains(planned.At) && (planned.Joint is not { } j || j == joint || card.Box.Joints.Has(j))
                ? planned
                : lies ?? Landing.Loose;
        if (goal.Of is { } of)
        {
            if (now is null)
            {
                return [new GoOn(card.Id, of, id, May(goal.To, null))];
            }

            return May(goal.To, now.To) is var to && to != now.To ? [new LandPigtail(card.Id, id, true, to)] : [];
        }

        var (from, further) = (May(goal.From, now?.From), May(goal.To, now?.To));
        if (now is null)
        {
            return
            [
                new AddPigtail(card.Id, id, from, further, goal.Gauge, goal.Colour, goal.Stranded, goal.Length),
                new SetPigtail(card.Id, id, goal.Colour, goal.Length, goal.Gauge, goal.Use, goal.Stranded),
            ];
        }

        return
        [
            .. from != now.From ? [new LandPigtail(card.Id, id, false, from)] : Array.Empty<Edit>(),
            .. further != now.To ? [new LandPigtail(card.Id, id, true, further)] : Array.Empty<Edit>(),
        ];
    }
}
