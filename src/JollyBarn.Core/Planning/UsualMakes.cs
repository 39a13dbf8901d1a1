using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>A joint of a make, or its device: what is taken to lie there until somebody looks.</summary>
/// <param name="Joint">What the joint is called; null of a device.</param>
/// <param name="Device">The device leads lie on directly; null of a joint.</param>
/// <param name="Leads">Leads that would lie there.</param>
/// <param name="Tails">Where pigtails of the joint would go.</param>
/// <param name="Edit">Somebody looked and it is so.</param>
public sealed record MakePlace(
    string? Joint,
    Id<Device>? Device,
    IReadOnlyList<(Id<Lead> Lead, Landing? To)> Leads,
    IReadOnlyList<Landing> Tails,
    Batch Edit
);

/// <summary>A usual make that fits a box, with its places.</summary>
public sealed record UsualMakeUp(AssumedMake Make, IReadOnlyList<MakePlace> Places);

/// <summary>How a box is likely made up, from the cables and the device seen in it: a beginning that the eye confirms, place by
/// place.</summary>
/// <remarks><em>Practice</em>. Nothing of it is recorded before somebody looked: rules and network see leads whose place nobody knows. In a
/// switch loop the white is the feed and the black the return, NEC 200.7(C)(1).</remarks>
public static class UsualMakes
{
    /// <summary>What fits, likeliest first; nothing where a lead of a cable has its place already.</summary>
    /// <param name="newId">An id that what is new is named by.</param>
    public static IReadOnlyList<UsualMakeUp> Find(Job job, Id<Box> id, Box box, string newId)
    {
        var cables = MakeUpCables.Of(job, id, box);
        return cables.TrueForAll(c => c.Fresh) ? [.. Of(job, id, box, cables, newId)] : [];
    }

    /// <summary>Places of the make this box was begun from that nobody has looked at yet: those none of whose leads has a place.</summary>
    public static IReadOnlyList<MakePlace> ToSee(Job job, Id<Box> id, Box box, string newId) =>
        box.Make is { } begun && Of(job, id, box, MakeUpCables.Of(job, id, box), newId).FirstOrDefault(m => m.Make == begun) is { } make
            ? [.. make.Places.Where(p => p.Leads.All(l => box.Leads.Find(l.Lead) is { } lead && Free(lead)) && p.Edit.Check(job) is null)]
            : [];

    private static bool Free(Lead lead) =>
        lead.Lands.At is LandingAt.Unknown || (lead.Device is not null && lead.Lands.At == LandingAt.Loose);

    private static IEnumerable<UsualMakeUp> Of(Job job, Id<Box> id, Box box, List<MakeUpCable> cables, string newId) =>
        cables.Count == 0 || box.Devices.Count > 1 || cables.Exists(c => c.Hots.Count == 0)
            ? []
            : Fitting(box, cables, () => new MakeUp(id, box, newId, job.Practice));

    private static IEnumerable<UsualMakeUp> Fitting(Box box, List<MakeUpCable> cables, Func<MakeUp> begin)
    {
        if (box.Devices.Count == 0)
        {
            return cables.Count > 1 ? [new(new(UsualMake.SpliceOnly), begin().Splice(cables).Done())] : [];
        }

        var kind = DeviceKinds.Find(box.Devices.First().Value.Kind);
        return kind switch
        {
            null => [],
            { } k when k.Has(TerminalRole.Common) => ThreeWays(cables, begin),
            { } k when k.Has(TerminalRole.Switched) && !k.Has(TerminalRole.LineHot) => Switches(cables, begin),
            { } k when k.Has(TerminalRole.LoadHot) => Protective(cables, begin),
            { } k when k.Has(TerminalRole.Hot) || k.Has(TerminalRole.LineHot) => Outlets(cables, begin),
            _ => [],
        };
    }

    private static IEnumerable<UsualMakeUp> Outlets(List<MakeUpCable> cables, Func<MakeUp> begin)
    {
        if (cables.Count == 1)
        {
            yield return new(new(UsualMake.EndOfRun), begin().Grounds(cables).Neutrals(cables).Hots(cables).Done());
            yield break;
        }

        yield return new(new(UsualMake.FedThrough), begin().Grounds(cables).Neutrals(cables).Hots(cables).Done());
        if (cables.Count == 2 && begin().Through(cables) is { } through)
        {
            yield return new(new(UsualMake.ThroughDevice), through.Done());
        }
    }

    private static IEnumerable<UsualMakeUp> Protective(List<MakeUpCable> cables, Func<MakeUp> begin)
    {
        foreach (var make in Outlets(cables, begin).Where(m => m.Make.Make != UsualMake.ThroughDevice))
        {
            if (cables.Count == 1)
            {
                yield return make;
                yield break;
            }

            foreach (var feed in MakeUpCables.Feeds(cables))
            {
                var load = cables.Where(c => c != feed).ToList();
                var made = begin()
                    .Grounds(cables)
                    .Neutrals([feed], TerminalRole.LineNeutral)
                    .Hots([feed], TerminalRole.LineHot)
                    .Neutrals(load, TerminalRole.LoadNeutral)
                    .Hots(load, TerminalRole.LoadHot);
                yield return new(new(UsualMake.LineAndLoad, feed.End), made.Done());
            }

            yield return make;
        }
    }

    private static IEnumerable<UsualMakeUp> Switches(List<MakeUpCable> cables, Func<MakeUp> begin)
    {
        if (cables.Count == 1)
        {
            if (cables[0] is { Neutral: { } white } one)
            {
                var loop = begin()
                    .Grounds(cables)
                    .Use(white, ConductorUse.Hot)
                    .Use(one.Hots[0], ConductorUse.Switched)
                    .On(white, TerminalRole.Hot)
                    .On(one.Hots[0], TerminalRole.Switched);
                yield return new(new(UsualMake.SwitchLoop), loop.Done());
            }

            yield break;
        }

        foreach (var light in MakeUpCables.Lights(cables))
        {
            var made = begin()
                .Grounds(cables)
                .Joined("neutrals", [.. cables.Select(c => c.Neutral).OfType<Id<Lead>>()])
                .Use(light.Hots[0], ConductorUse.Switched)
                .Hots([.. cables.Where(c => c != light)], TerminalRole.Hot)
                .On(light.Hots[0], TerminalRole.Switched);
            yield return new(new(UsualMake.FeedAtSwitch, light.End), made.Done());
        }
    }

    private static IEnumerable<UsualMakeUp> ThreeWays(List<MakeUpCable> cables, Func<MakeUp> begin)
    {
        if (
            cables.Where(c => c.Hots.Count == 2).ToList() is not [var between]
            || cables.Where(c => c.Hots.Count == 1).ToList() is not [var one]
        )
        {
            yield break;
        }

        var made = begin()
            .Grounds(cables)
            .Joined("neutrals", [.. cables.Select(c => c.Neutral).OfType<Id<Lead>>()])
            .On(one.Hots[0], TerminalRole.Common)
            .Use(between.Hots[0], ConductorUse.Traveler)
            .Use(between.Hots[1], ConductorUse.Traveler)
            .On(between.Hots[0], TerminalRole.Traveler)
            .On(between.Hots[1], TerminalRole.Traveler);
        yield return new(new(UsualMake.ThreeWay), made.Done());
    }
}
