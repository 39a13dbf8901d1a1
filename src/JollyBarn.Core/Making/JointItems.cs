using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>What is done for a joint, and how much: pigtails to cut, levelled, stripped, twisted or not, capped, tugged.</summary>
internal static class JointItems
{
    public static IEnumerable<StepItem> Of(CardMaker card, Id<Joint> id, IReadOnlyList<(Id<Lead> Lead, bool? Far)> members)
    {
        foreach (var tail in members.Select(m => m.Lead).Distinct().Where(l => card.Goal.Pigtails.Has(l) && !card.Box.Pigtails.Has(l)))
        {
            yield return ToCut(card, tail);
        }

        if (ConnectorKinds.Find(card.Goal.Joints[id].Connector) is not { Style: not ConnectorStyle.None } kind)
        {
            yield break;
        }

        var put = MakeBook.On(kind.Style);
        var twist = put.Twists && card.House.Says(PracticeBook.Splice, "twistOnPreTwisted");
        if (put.Turns is not null || put.Twists)
        {
            yield return Level(card, members);
        }

        yield return new(ItemCase.Strip, Details.None, twist ? MakeBook.OverStrip : put.Strip);
        if (twist)
        {
            yield return StepItem.Of(ItemCase.Twist);
            yield return new(ItemCase.TrimTwist, Details.None, put.Strip);
        }

        yield return new(
            ItemCase.Connector,
            Details.Of([("connector", new Thing(ThingKind.Connector, kind.Id)), ("count", members.Count)]),
            Count: 1
        );
        if (put.Turns is { } turns)
        {
            yield return new(ItemCase.Turns, Details.None, Count: turns);
        }

        yield return StepItem.Of(ItemCase.OwnWords);
        yield return new(ItemCase.Tug, Details.None, Count: members.Count);
    }

    public static StepItem ToCut(CardMaker card, Id<Lead> id)
    {
        var tail = card.Goal.Pigtails[id];
        return new(
            ItemCase.TailToCut,
            Details.Of([("lead", Thing.Lead(id)), ("gauge", tail.Gauge), ("to", tail.To)]),
            tail.Length.OrNull ?? Length.Parse(card.House.Answer(PracticeBook.PigtailLength))
        );
    }

    /// <summary>All to the shortest of them; where no length is known it is measured.</summary>
    private static StepItem Level(CardMaker card, IReadOnlyList<(Id<Lead> Lead, bool? Far)> members)
    {
        var leads = members.Select(m => card.Goal.Leads.Find(m.Lead)).Where(l => l is { Run: not null }).ToList();
        return leads.TrueForAll(l => l!.Length.OrNull is not null) && leads.Count > 0
            ? new(ItemCase.Level, Details.None, leads.Min(l => l!.Length.OrNull!.Value))
            : StepItem.Of(ItemCase.MeasureLead) with
            {
                Ask = true,
            };
    }
}
