using JollyBarn.Connection;
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
            foreach (var group in Mixed(look, turned, one, others))
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
        foreach (var group in look.Sources.Cables.Where(l => SeveralLegs(l.Wire.Always)).GroupBy(l => l.Group))
        {
            var hots = group.Select(l => Coming(look, l)).Where(c => c.By.Hot && !SeveralLegs(c.By)).ToList();
            if (hots.FirstOrNull(c => Leg(c) != Leg(hots[0])) is { } other)
            {
                yield return (hots[0], other);
            }
        }
    }

    /// <summary>A first look, that asks nothing of the other boxes: groups that are of both kinds, or may be where the record
    /// stops.</summary>
    private static List<List<CableLead>> Mixed(BoxLook look, bool turned, Carries one, Carries others)
    {
        var all = look.Sources.Cables;
        if (!all.Any(l => (l.Whole & one) != 0) || !all.Any(l => (l.Whole & others) != 0))
        {
            return [];
        }

        var kinds = new Dictionary<int, Carries>();
        foreach (var lead in all)
        {
            var group = turned ? lead.Turned : lead.Group;
            kinds[group] = kinds.GetValueOrDefault(group) | lead.Whole;
        }

        return kinds
            .Where(k => (k.Value & one) != 0 && (k.Value & others) != 0)
            .Select(k => all.Where(l => (turned ? l.Turned : l.Group) == k.Key).ToList())
            .Where(g => g.Count > 1)
            .ToList();
    }

    private static bool SeveralLegs(Reaching by) => by.At.Count > 1 && by.Hots.Select(h => (h.Panel, h.Leg)).Distinct().Skip(1).Any();

    private static (string, int) Leg(Comer comer) => comer.By.Hots.Select(h => (h.Panel, h.Leg)).First();

    private static Comer Coming(BoxLook look, CableLead lead)
    {
        var by = look.Comings.By(lead.Lead);
        return new(lead.Id, Sourced.Coming(by, lead.Lead.Use), by);
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
    private static bool Already(BoxLook look, (Comer One, Comer Other) pair) => Group(look, pair.One) == Group(look, pair.Other);

    private static int Group(BoxLook look, Comer comer) => look.Sources.Cables.First(c => c.Id == comer.Lead).Group;
}
