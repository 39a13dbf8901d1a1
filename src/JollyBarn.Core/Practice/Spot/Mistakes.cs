using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Spot;

/// <summary>How a mistake is made.</summary>
/// <param name="Hard">1 is seen at a glance, 2 by following a wire, 3 by a look close up or a tape.</param>
/// <param name="Often">How often it is met, beside the others. <em>Practice</em>.</param>
/// <param name="Edits">What makes it; null where the box has nothing for it.</param>
internal sealed record Planter(Mistake Mistake, int Hard, int Often, Func<Plot, IReadOnlyList<Edit>?> Edits);

/// <summary>Every mistake with how it is made. The rules alone say whether one came of it.</summary>
internal static class Mistakes
{
    public static IReadOnlyList<Planter> All { get; } =
    [
        new(Mistake.HotAndNeutralExchanged, 2, 4, Exchanged),
        new(Mistake.GroundLeftOff, 1, 4, GroundLeftOff),
        new(Mistake.BoxNotBonded, 1, 4, p => Gone(p, t => t.From.At == LandingAt.BondingScrew || t.To.At == LandingAt.BondingScrew)),
        new(Mistake.TwoOnOneScrew, 1, 4, TwoOnOneScrew),
        new(Mistake.HotOnGroundScrew, 2, 1, p => Moved(p, p.On(r => r == TerminalRole.Hot), p.Places(r => r == TerminalRole.Ground))),
        new(Mistake.NeutralToGround, 2, 2, Jumper),
        new(Mistake.ThinPigtail, 2, 3, ThinPigtail),
        new(Mistake.WhiteNotMarked, 1, 4, WhiteNotMarked),
        new(Mistake.LeadShort, 2, 4, LeadShort),
        new(Mistake.ConnectorSmall, 2, 3, p => Connector(p, "push-in-2", 3)),
        new(Mistake.JointBare, 1, 2, p => Connector(p, "bare", 2)),
        new(Mistake.OverFull, 3, 4, OverFull),
        new(Mistake.EntryOpen, 1, 3, p => [new AddEntry(p.Id, "opened", EntrySide.Bottom, State: EntryState.Open)]),
        new(Mistake.CableNotHeld, 1, 3, CableNotHeld),
        new(Mistake.LoadSideFed, 2, 4, LoadSideFed),
        new(Mistake.SwitchInNeutral, 2, 2, SwitchInNeutral),
        new(Mistake.NotProtected, 2, 3, NotProtected),
        new(Mistake.NotTamperResistant, 3, 3, NotTamperResistant),
        new(Mistake.EndLeftOpen, 1, 3, EndLeftOpen),
        new(Mistake.ThickInHole, 2, 3, ThickInHole),
        new(Mistake.GreenAsHot, 1, 1, GreenAsHot),
        new(Mistake.TooManyOnScrewOfBox, 2, 2, TooManyOnScrewOfBox),
        new(Mistake.TabWhole, 2, 3, TabWhole),
        new(Mistake.WireThin, 2, 3, WireThin),
        new(Mistake.NotArcProtected, 2, 2, p => [Breakers(p, b => b with { Kind = BreakerKind.Standard })]),
        new(Mistake.DryCable, 2, 3, DryCable),
        new(Mistake.CordForCable, 2, 2, p => p.One(Runs(p)) is { } run ? [new SetRun(run, CableType.Cord)] : null),
        new(Mistake.SameLeg, 2, 2, SameLeg),
        new(Mistake.GroundThin, 2, 2, GroundThin),
        new(Mistake.NoBox, 1, 2, p => p.Box.Shape == BoxShape.Round ? [new SetBoxKind(p.Id, BoxKinds.NoBox)] : null),
        new(Mistake.FeedGroundLoose, 1, 3, FeedGroundLoose),
        new(Mistake.DeviceTooDeep, 3, 2, DeviceTooDeep),
        new(Mistake.BoxOpenToWeather, 2, 2, BoxOpenToWeather),
        new(Mistake.MarkedWrong, 2, 2, MarkedWrong),
        .. CloseUps.All.Select(c => new Planter(c.Mistake, 3, c.Often, c.Plant)),
    ];

    private static string? Receptacle(Plot p) =>
        p.One(p.Box.Devices.Where(d => d.Value.Kind is "receptacle" or "protective").Select(d => d.Key))?.Text;

    private static Edit[]? NotTamperResistant(Plot p) =>
        Receptacle(p) is { } device
            ? [.. p.Note(device, DeviceFacts.Tamper, "no")!, .. p.Note(device, DeviceFacts.TamperWhy, Choice.Text(TamperWhy.None))!]
            : null;

    /// <summary>A ground of a cable taken out of the joint and put under the screw of the box beside the one that is there.</summary>
    private static Edit[]? TooManyOnScrewOfBox(Plot p) =>
        Bonded(p) is { } box && p.One(p.Ends.Where(e => e is { Far: null, Use: ConductorUse.Ground, At.At: LandingAt.Joint })) is { } ground
            ? [p.Move(ground, new(LandingAt.BondingScrew)), .. p.Note(box, BoxFacts.BondEach, "no")!]
            : null;

    private static string? Bonded(Plot p) => p.Ends.Any(e => e.At.At == LandingAt.BondingScrew) ? Subjects.Box : null;

    private static Edit[]? Exchanged(Plot p) =>
        p.One(p.On(r => r == TerminalRole.Hot)) is { } hot
        && p.One(p.On(r => r == TerminalRole.Neutral).Where(n => n.At.Device == hot.At.Device)) is { } neutral
            ? [p.Move(hot, neutral.At), p.Move(neutral, hot.At)]
            : null;

    private static Edit[]? GroundLeftOff(Plot p) =>
        p.One(p.On(r => r == TerminalRole.Ground)) is not { } ground ? null
        : ground.Far is null ? [new MoveLead(p.Id, ground.Id, Landing.Loose)]
        : [new RemovePigtail(p.Id, ground.Id)];

    private static Edit[]? Gone(Plot p, Func<Pigtail, bool> which) =>
        p.One(p.Box.Pigtails.Where(t => which(t.Value)).Select(t => t.Key)) is { } tail ? [new RemovePigtail(p.Id, tail)] : null;

    private static Edit[]? Moved(Plot p, IEnumerable<WireEnd> from, IEnumerable<Landing> to)
    {
        var places = to.ToList();
        return places.Count > 0 && p.One(from) is { } end ? [p.Move(end, places[0])] : null;
    }

    /// <summary>A lead of a joint put under the screw the joint's own pigtail goes to.</summary>
    private static Edit[]? TwoOnOneScrew(Plot p) =>
        p.One(p.Box.Pigtails.Where(t => t.Value is { From.At: LandingAt.Joint, To.At: LandingAt.Terminal }).Select(t => t.Key)) is { } tail
        && p.One(p.Ends.Where(e => e.Far is null && e.At == p.Box.Pigtails[tail].From && p.Box.Leads[e.Id].Run is not null)) is { } lead
            ? [p.Move(lead, p.Box.Pigtails[tail].To)]
            : null;

    private static Edit[]? Jumper(Plot p)
    {
        var neutrals = p.Places(r => r == TerminalRole.Neutral).ToList();
        return
            neutrals.Count > 0 && p.Places(r => r == TerminalRole.Ground).FirstOrDefault(g => g.Device == neutrals[0].Device) is { } ground
            ? [new AddPigtail(p.Id, "jumper", neutrals[^1], ground, Gauge.Awg(14), "white")]
            : null;
    }

    private static Edit[]? ThinPigtail(Plot p) =>
        p.One(
            p.Box.Pigtails.Where(t => t.Value is { Use: ConductorUse.Hot, Of: null } && t.Value.Gauge == Gauge.Awg(12)).Select(t => t.Key)
        )
            is { } tail
            ?
            [
                new SetPigtail(
                    p.Id,
                    tail,
                    p.Box.Pigtails[tail].Colour,
                    p.Box.Pigtails[tail].Length,
                    Gauge.Awg(14),
                    p.Box.Pigtails[tail].Use
                ),
            ]
            : null;

    private static Edit[]? WhiteNotMarked(Plot p) =>
        p.One(p.Box.Leads.Where(l => l.Value is { Colour: "white", MarkedAs: not null }).Select(l => l.Key)) is { } white
            ? [new IdentifyLead(p.Id, white, "white", p.Box.Leads[white].Use)]
            : null;

    private static Edit[]? LeadShort(Plot p) =>
        p.One(p.Box.Leads.Where(l => l.Value is { Run: not null, Form: LeadForm.Ended }).Select(l => l.Key)) is { } lead
            ? [new SetLeadLength(p.Id, lead, new(Known.Measured, Length.Inches(4, 1, 2)))]
            : null;

    private static Edit[]? Connector(Plot p, string connector, int least) =>
        p.One(p.Box.Joints.Ids.Where(j => p.Ends.Count(e => e.At.IsIn(j)) >= least)) is { } joint
            ? [new SetJoint(p.Id, joint, connector, p.Box.Joints[joint].Name, p.Box.Joints[joint].Space)]
            : null;

    /// <summary>The box exchanged for the largest like it that does not hold what is in it.</summary>
    private static Edit[]? OverFull(Plot p)
    {
        var needed = BoxFill.Evaluate(FillOfBox.Read(p.Box, p.Job.Profile), p.Job.Profile, p.Job.Practice).Needed.Low;
        var kind = BoxKinds
            .All.Where(k => k.Shape == p.Box.Shape && k.Material == p.Box.Material && k.Gangs == p.Box.Gangs && k.Volume < needed)
            .MaxBy(k => k.Volume);
        return kind is null ? null : [new SetBoxKind(p.Id, kind.Id)];
    }

    private static Edit[]? CableNotHeld(Plot p)
    {
        var entries = p.Box.Entries.Where(e => e.Value.State == EntryState.Used).Select(e => e.Key).ToList();
        return entries.Count > 0 ? [new SetEntry(p.Id, entries[0], Holding: Holding.Nothing)] : null;
    }

    private static Edit[]? LoadSideFed(Plot p)
    {
        WireEnd? At(TerminalRole role) => p.One(p.On(r => r == role));
        return
            At(TerminalRole.LineHot) is { } lineHot
            && At(TerminalRole.LoadHot) is { } loadHot
            && At(TerminalRole.LineNeutral) is { } line
            && At(TerminalRole.LoadNeutral) is { } load
            ? [p.Move(lineHot, loadHot.At), p.Move(loadHot, lineHot.At), p.Move(line, load.At), p.Move(load, line.At)]
            : null;
    }

    /// <summary>The neutral through the switch, the hots joined: it works, and the lamp stays live.</summary>
    private static IReadOnlyList<Edit>? SwitchInNeutral(Plot p)
    {
        var neutrals = p.Ends.Where(e => e is { Use: ConductorUse.Neutral, At.At: LandingAt.Joint }).ToList();
        return
            neutrals.Count == 2
            && p.One(p.On(r => r == TerminalRole.Hot).Where(e => p.Box.Devices[e.At.Device!.Value].Kind == "switch")) is { } hot
            && p.One(p.On(r => r == TerminalRole.Switched)) is { } leg
            ? [p.Move(neutrals[0], hot.At), p.Move(neutrals[1], leg.At), p.Move(hot, neutrals[0].At), p.Move(leg, neutrals[0].At)]
            : null;
    }

    /// <summary>An ordinary receptacle where one that protects stood; what went on behind it is on its second pair of screws.</summary>
    private static IReadOnlyList<Edit>? NotProtected(Plot p)
    {
        if (p.One(p.Box.Devices.Where(d => d.Value.Kind == "protective").Select(d => d.Key)) is not { } device)
        {
            return null;
        }

        Landing To(string place) => new(LandingAt.Terminal, null, device, place);
        var moves = p.On(_ => true)
            .Where(e => e.At.Device == device)
            .Select(e =>
                (
                    End: e,
                    To: p.Role(e.At) switch
                    {
                        TerminalRole.LineHot => "hot-upper/screw",
                        TerminalRole.LineNeutral => "neutral-upper/screw",
                        TerminalRole.LoadHot => "hot-lower/screw",
                        TerminalRole.LoadNeutral => "neutral-lower/screw",
                        _ => "ground/screw",
                    }
                )
            );
        return [new SwapDevice(p.Id, device, "receptacle"), .. moves.Select(m => p.Move(m.End, To(m.To)))];
    }

    private static Edit[]? EndLeftOpen(Plot p) =>
        p.One(p.Ends.Where(e => e is { Far: null, Use: ConductorUse.Hot, At.At: LandingAt.Joint } && p.Box.Leads[e.Id].Run is not null))
            is { } end
            ? [p.Move(end, Landing.Loose)]
            : null;

    private static Edit[]? ThickInHole(Plot p) =>
        p.One(p.On(r => r is TerminalRole.Hot or TerminalRole.Neutral).Where(e => e.Gauge == Gauge.Awg(12))) is { } end
        && DeviceKinds
            .Find(p.Box.Devices[end.At.Device!.Value].Kind)!
            .Terminals.FirstOrDefault(t => t.Id == end.At.Terminal)
            ?.Landings.FirstOrDefault(l => l.Kind == LandingKind.PushIn)
            is { } hole
            ? [p.Move(end, end.At with { Place = hole.Id })]
            : null;

    private static Edit[]? GreenAsHot(Plot p) =>
        p.One(p.Box.Pigtails.Where(t => t.Value is { Use: ConductorUse.Hot or ConductorUse.Switched, Of: null }).Select(t => t.Key))
            is { } tail
            ? [new SetPigtail(p.Id, tail, "green", p.Box.Pigtails[tail].Length, p.Box.Pigtails[tail].Gauge, p.Box.Pigtails[tail].Use)]
            : null;

    private static Edit[]? TabWhole(Plot p) =>
        p.One(p.Box.Devices.Where(d => d.Value.BrokenTabs.Count > 0).Select(d => d.Key)) is { } split
            ? [new SetDevice(p.Id, split, BrokenTabs: [])]
            : null;

    /// <summary>A breaker of the next size in the place of one for 14 AWG.</summary>
    private static Edit[]? WireThin(Plot p) =>
        p.Box.Leads.Values.Any(l => l.Run is not null && l.Gauge == Gauge.Awg(14))
            ? [Breakers(p, b => b.Amperes == 15 ? b with { Amperes = 20 } : b)]
            : null;

    private static PutPanel Breakers(Plot p, Func<Breaker, Breaker> other) =>
        p.Job.Panels.Select(at => new PutPanel(at.Key, at.Value with { Breakers = [.. at.Value.Breakers.Select(other)] })).First();

    /// <summary>A cable for dry places where it is damp or wet.</summary>
    private static Edit[]? DryCable(Plot p) =>
        p.One(Runs(p).Where(r => p.Job.Runs[r].Type == CableType.UfB)) is { } run ? [new SetRun(run, CableType.NmB)] : null;

    private static IEnumerable<Id<Run>> Runs(Plot p) => p.Box.Leads.Values.Select(l => l.Run).OfType<Id<Run>>().Distinct();

    /// <summary>The second breaker of a multiwire circuit moved to a slot of the first one's leg.</summary>
    private static Edit[]? SameLeg(Plot p) =>
        p.Job.Panels.First().Value.Breakers is [var first, var second]
            ? [Breakers(p, b => b == second ? b with { Slot = first.Slot + 4 } : b)]
            : null;

    private static Edit[]? GroundThin(Plot p) =>
        p.One(p.Box.Leads.Where(l => l.Value is { Run: not null, IsGround: true } && l.Value.Gauge == Gauge.Awg(12)).Select(l => l.Key))
            is { } ground
            ? [new SetLeadWire(p.Id, ground, Gauge.Awg(14))]
            : null;

    /// <summary>A device whose body leaves no room behind it.</summary>
    private static Edit[]? DeviceTooDeep(Plot p) =>
        BoxDepth.Depth(p.Box) is { } depth
        && p.One(p.Box.Devices.Where(d => DeviceKinds.Find(d.Value.Kind)?.Yoke == true).Select(d => d.Key)) is { } device
            ? [new SetDevice(p.Id, device, Depth: new(Known.Measured, depth))]
            : null;

    /// <summary>A box for indoors where a cast one was.</summary>
    private static Edit[]? BoxOpenToWeather(Plot p) =>
        p.Box.Shape == BoxShape.Weatherproof
        && BoxKinds
            .All.Where(k => k.Shape == BoxShape.Device && k.Material == p.Box.Material && k.Gangs == p.Box.Gangs)
            .MaxBy(k => k.Volume)
            is { } indoors
            ? [new SetBoxKind(p.Id, indoors.Id)]
            : null;

    /// <summary>A tag on a cable that says the other way round what the wiring does.</summary>
    private static Edit[]? MarkedWrong(Plot p) =>
        p.One(Plot.CablesOf(p.Box).Where(c => Plot.End(p.Job, c).Feeds is Feeds.FeedsIn or Feeds.FeedsOn)) is { } cable
            ? [Plot.Tag(p.Job, p.Id, cable, Plot.End(p.Job, cable).Feeds == Feeds.FeedsIn ? Feeds.FeedsOn : Feeds.FeedsIn)]
            : null;

    /// <summary>The ground of a cable taken out of its joint and left.</summary>
    private static Edit[]? FeedGroundLoose(Plot p) =>
        p.One(p.Ends.Where(e => e is { Far: null, Use: ConductorUse.Ground, At.At: LandingAt.Joint } && p.Box.Leads[e.Id].Run is not null))
            is { } ground
            ? [p.Move(ground, Landing.Loose)]
            : null;
}
