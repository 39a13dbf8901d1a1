using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>Ways a box is usually made up.</summary>
public enum UsualMake
{
    /// <summary>One cable, all of it on the device.</summary>
    EndOfRun,

    /// <summary>Cables joined like on like, a pigtail to each terminal.</summary>
    FedThrough,

    /// <summary>Two cables, each on terminals of its own: what goes on hangs on the device.</summary>
    ThroughDevice,

    /// <summary>The feed on the line terminals of a protective device, the others on its load side.</summary>
    LineAndLoad,

    /// <summary>The feed comes to the switch, one cable leaves it switched.</summary>
    FeedAtSwitch,

    /// <summary>One cable from a light: the white brings the feed, the black goes back.</summary>
    SwitchLoop,

    /// <summary>The two-conductor cable on the common, the three-conductor one on the travelers.</summary>
    ThreeWay,

    /// <summary>No device: colour on colour.</summary>
    SpliceOnly,
}

/// <summary>One of them for a box, with the edit that records it as assumed.</summary>
/// <param name="Cable">The end of the cable it turns on, <c>run.side</c>: the feed of line and load, the one that leaves switched; null
/// where it turns on none.</param>
public sealed record UsualMakeUp(UsualMake Make, string? Cable, Batch Edit);

/// <summary>How a box is likely made up, from the cables and the device seen in it: a beginning that the eye confirms, place by
/// place.</summary>
/// <remarks><em>Practice</em>. Where leads lie is assumed until somebody looked: see <see cref="Box.Assumed"/>.
/// In a switch loop the white is the feed and the black the return, NEC 200.7(C)(1).</remarks>
public static class UsualMakes
{
    /// <summary>What fits, likeliest first; nothing where a lead of a cable has its place already.</summary>
    /// <param name="newId">An id that what is new is named by.</param>
    public static IReadOnlyList<UsualMakeUp> Find(Job job, Id<Box> id, Box box, string newId)
    {
        var cables = MakeUpCables.Of(job, id, box);
        if (cables.Count == 0 || box.Devices.Count > 1 || !cables.TrueForAll(c => c.Fresh) || cables.Exists(c => c.Hots.Count == 0))
        {
            return [];
        }

        MakeUp Begin() => new(id, box, newId, job.Practice);
        return [.. Fitting(box, cables, Begin).Where(m => m.Edit.Check(job) is null)];
    }

    private static IEnumerable<UsualMakeUp> Fitting(Box box, List<MakeUpCable> cables, Func<MakeUp> begin)
    {
        if (box.Devices.Count == 0)
        {
            return cables.Count > 1 ? [new(UsualMake.SpliceOnly, null, begin().Splice(cables).Done())] : [];
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
            yield return new(UsualMake.EndOfRun, null, begin().Grounds(cables).Neutrals(cables).Hots(cables).Done());
            yield break;
        }

        yield return new(UsualMake.FedThrough, null, begin().Grounds(cables).Neutrals(cables).Hots(cables).Done());
        if (cables.Count == 2 && begin().Through(cables) is { } through)
        {
            yield return new(UsualMake.ThroughDevice, null, through.Done());
        }
    }

    private static IEnumerable<UsualMakeUp> Protective(List<MakeUpCable> cables, Func<MakeUp> begin)
    {
        foreach (var make in Outlets(cables, begin).Where(m => m.Make != UsualMake.ThroughDevice))
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
                yield return new(UsualMake.LineAndLoad, feed.End, made.Done());
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
                yield return new(UsualMake.SwitchLoop, null, loop.Done());
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
            yield return new(UsualMake.FeedAtSwitch, light.End, made.Done());
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
        yield return new(UsualMake.ThreeWay, null, made.Done());
    }
}
