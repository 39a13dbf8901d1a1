using JollyBarn.Connection;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>A conductor that comes to a group of the box by a cable, and what it brings.</summary>
public readonly record struct Comer(Id<Lead> Lead, Sourced Brings, Reaching By);

/// <summary>Conductors of different kinds that meet in one group inside the box.</summary>
/// <param name="One">The hot of a short; the neutral of a neutral on ground.</param>
/// <param name="Turned">True where they meet only as a switch lies.</param>
public sealed record Meeting(Comer One, Comer Other, bool Turned)
{
    /// <summary>What the verdict rests on: the weaker of the two.</summary>
    public Basis Basis => One.Brings.Basis > Other.Brings.Basis ? One.Brings.Basis : Other.Brings.Basis;
}

/// <summary>Where a box joins what must not be joined: of a group that is wrong as a whole, the conductors that bring different things to
/// this box and meet in it.</summary>
/// <remarks>What another box joined comes here by one conductor, and is that box's.</remarks>
public static class Meetings
{
    /// <summary>Groups in which a conductor of one kind meets one of some others, the first pair of each.</summary>
    public static IEnumerable<Meeting> Of(BoxLook look, Carries one, Carries others)
    {
        foreach (var turned in new[] { false, true })
        {
            foreach (var group in Groups(look, turned).Where(g => MayMeet(look, g, one, others)))
            {
                if (Pair([.. group.Select(l => Coming(look, l))], one, others) is { } pair && !(turned && Already(look, pair)))
                {
                    yield return new(pair.One, pair.Other, turned);
                }
            }
        }
    }

    /// <summary>Two conductors that come from different legs and meet, of each group that is on several.</summary>
    public static IEnumerable<(Comer One, Comer Other)> OfLegs(BoxLook look)
    {
        foreach (var group in Groups(look, false).Where(g => SeveralLegs(look.Wires.Lead(look.Box, g[0]).Always)))
        {
            var hots = group.Select(l => Coming(look, l)).Where(c => c.By.Hot && !SeveralLegs(c.By)).ToList();
            if (hots.FirstOrNull(c => Leg(c) != Leg(hots[0])) is { } other)
            {
                yield return (hots[0], other);
            }
        }
    }

    private static bool SeveralLegs(Reaching by) => by.Hots.Select(h => (h.Panel, h.Leg)).Distinct().Skip(1).Any();

    private static (string, int) Leg(Comer comer) => comer.By.Hots.Select(h => (h.Panel, h.Leg)).First();

    /// <summary>Leads of cables by the group they hang in.</summary>
    private static IEnumerable<IReadOnlyList<Id<Lead>>> Groups(BoxLook look, bool turned) =>
        look
            .Box.Leads.Where(l => l.Value.Run is not null)
            .GroupBy(l => look.Wires.Group(Points.Lead(look.Id, l.Key, l.Value), turned))
            .Where(g => g.Key is not null && g.Skip(1).Any())
            .Select(g => g.Select(l => l.Key).ToList());

    /// <summary>A first look, that asks nothing of the other boxes: whether a group is of both kinds, or may be where the record
    /// stops.</summary>
    private static bool MayMeet(BoxLook look, IReadOnlyList<Id<Lead>> group, Carries one, Carries others)
    {
        var kinds = Carries.None;
        foreach (var id in group)
        {
            var wire = look.Wires.Lead(look.Box, id);
            kinds |= Sourced.Of(wire with { Always = wire.Switched }).Kinds;
            kinds |= wire.Switched.Closed ? Carries.None : Sourced.Said(look.Box.Leads[id].Use);
        }

        return (kinds & one) != 0 && (kinds & others) != 0;
    }

    private static Comer Coming(BoxLook look, Id<Lead> id)
    {
        var lead = look.Box.Leads[id];
        var by = look.Comings.By(lead);
        return new(id, Sourced.Coming(by, lead.Use), by);
    }

    private static (Comer One, Comer Other)? Pair(IReadOnlyList<Comer> group, Carries one, Carries others)
    {
        foreach (var a in group.Where(c => c.Brings.Is(one) && !c.Brings.Is(others)))
        {
            foreach (var b in group.Where(c => c.Brings.Is(others) && !c.Brings.Is(one)))
            {
                return (a, b);
            }
        }

        return null;
    }

    /// <summary>True for a pair that hangs together without any switch.</summary>
    private static bool Already(BoxLook look, (Comer One, Comer Other) pair) =>
        look.Wires.Group(Point(look, pair.One.Lead)) == look.Wires.Group(Point(look, pair.Other.Lead));

    private static string Point(BoxLook look, Id<Lead> lead) => Points.Lead(look.Id, lead, look.Box.Leads[lead]);
}
