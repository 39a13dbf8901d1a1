using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Planning.Remedies;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>Places that a lead of a survey may lie on, or go on to.</summary>
internal static class SurveyPlaces
{
    /// <summary>Roles a conductor of this use is likely to lie on, likeliest first. <em>Practice</em>.</summary>
    private static TerminalRole[] Likely(ConductorUse use) =>
        use switch
        {
            ConductorUse.Hot =>
            [
                TerminalRole.LineHot,
                TerminalRole.LoadHot,
                TerminalRole.Hot,
                TerminalRole.Common,
                TerminalRole.Switched,
                TerminalRole.Traveler,
            ],
            ConductorUse.Neutral => [TerminalRole.LineNeutral, TerminalRole.LoadNeutral, TerminalRole.Neutral],
            ConductorUse.Ground or ConductorUse.IsolatedGround => [TerminalRole.Ground],
            ConductorUse.Switched => [TerminalRole.Switched, TerminalRole.Hot, TerminalRole.Traveler],
            ConductorUse.Traveler => [TerminalRole.Traveler, TerminalRole.Common],
            _ =>
            [
                TerminalRole.Hot,
                TerminalRole.LineHot,
                TerminalRole.Neutral,
                TerminalRole.LineNeutral,
                TerminalRole.Common,
                TerminalRole.Traveler,
                TerminalRole.Ground,
            ],
        };

    /// <summary>Where a lead of this use may lie, likeliest first; of a likely terminal every spot, free ones first.</summary>
    public static IEnumerable<SurveyPlace> For(Id<Box> id, Box box, Id<Lead> lead, ConductorUse use, string newId)
    {
        SurveyPlace To(Landing landing) => new(landing, null, new MoveLead(id, lead, landing));
        var own = box.Joints.Ids.Where(j => box.Leads.Values.Any(l => l.Lands.IsIn(j) && l.Use == use)).ToList();
        foreach (var joint in own)
        {
            yield return To(new(LandingAt.Joint, joint));
        }

        if (own.Count == 0)
        {
            var name = Moves.JointName(use);
            var connector = Connectors.For([.. Enumerable.Repeat(box.Leads.Find(lead)?.Gauge, 3)], HousePractice.Default);
            yield return new(null, name ?? "", new JoinLeads(id, newId, connector, [lead], name));
        }

        var likely = Likely(use);
        var spots = Spots(box).OrderBy(s => Array.IndexOf(likely, s.Terminal.Role) is >= 0 and var rank ? rank : int.MaxValue).ToList();
        foreach (var (device, terminal) in spots.Where(s => likely.Contains(s.Terminal.Role)))
        {
            foreach (var place in terminal.Landings.OrderBy(p => Taken(box, device, p.Id)))
            {
                yield return To(new(LandingAt.Terminal, null, device, place.Id));
            }
        }

        if (use is ConductorUse.Ground or ConductorUse.IsolatedGround or ConductorUse.Unknown && box.Material != BoxMaterial.Nonmetallic)
        {
            foreach (var place in GroundingPlaces.Landings(box))
            {
                yield return To(place);
            }
        }

        yield return To(new(LandingAt.Cap));
        yield return To(Landing.Loose);
        foreach (var joint in box.Joints.Ids.Except(own))
        {
            yield return To(new(LandingAt.Joint, joint));
        }

        foreach (var (device, terminal) in spots.Where(s => !likely.Contains(s.Terminal.Role)))
        {
            yield return To(At(device, terminal));
        }
    }

    /// <summary>Where leads that lie on a joint, a terminal or a grounding screw may go on to: what is of their kind and they do not lie on
    /// yet.</summary>
    public static IEnumerable<SurveyOnward> Onward(Id<Box> id, Box box, string newId)
    {
        foreach (var (lead, of) in box.Leads.Where(l => l.Value is { Run: not null, Form: LeadForm.Ended }))
        {
            if (
                of.Lands.At is not (LandingAt.Joint or LandingAt.Terminal or LandingAt.BondingScrew)
                || box.Pigtails.Values.Any(t => t.Of == lead)
            )
            {
                continue;
            }

            var likely = Likely(of.Use);
            var places = box
                .Joints.Ids.Where(j => box.Leads.Values.Any(l => l.Lands.IsIn(j) && l.Use == of.Use))
                .Select(j => new Landing(LandingAt.Joint, j))
                .Concat(Spots(box).Where(s => likely.Contains(s.Terminal.Role)).Select(s => At(s.Device, s.Terminal)))
                .Concat(of.IsGround && box.Material != BoxMaterial.Nonmetallic ? GroundingPlaces.Landings(box) : [])
                .Where(p =>
                    p.At == LandingAt.Terminal ? !(of.Lands.IsOn(p.Device!.Value) && of.Lands.Terminal == p.Terminal) : p != of.Lands
                );
            foreach (var to in places)
            {
                yield return new(lead, to, new GoOn(id, lead, newId, to));
            }
        }
    }

    private static bool Taken(Box box, Id<Device> device, string place) => Landings(box).Any(l => l.IsOn(device) && l.Place == place);

    /// <summary>From a joint to a terminal of its kind that nothing lies on, and from the grounds to a metal box.</summary>
    public static IEnumerable<SurveyTail> Tails(Id<Box> id, Box box, string newId)
    {
        var (made, taken) = (0, Landings(box).ToList());
        SurveyTail Tail(Id<Joint> joint, Landing to)
        {
            var from = new Landing(LandingAt.Joint, joint);
            return new(from, to, new AddPigtail(id, $"{newId}{made++}", from, to));
        }

        foreach (var joint in box.Joints.Ids)
        {
            var use = box.Leads.Values.FirstOrDefault(l => l.Lands.IsIn(joint))?.Use ?? ConductorUse.Unknown;
            var likely = Likely(use).Take(use == ConductorUse.Hot ? 4 : 3).ToList();
            foreach (
                var (device, terminal) in Spots(box)
                    .Where(s =>
                        likely.Contains(s.Terminal.Role)
                        && s.Terminal.Half != "lower"
                        && !taken.Exists(l => l.IsOn(s.Device) && l.Terminal == s.Terminal.Id)
                    )
            )
            {
                yield return Tail(joint, At(device, terminal));
            }

            if (use == ConductorUse.Ground && box.Material == BoxMaterial.Metal && !taken.Exists(l => l.At == LandingAt.BondingScrew))
            {
                yield return Tail(joint, new(LandingAt.BondingScrew));
            }
        }
    }

    private static IEnumerable<Landing> Landings(Box box) =>
        box.Leads.Values.Select(l => l.Lands).Concat(box.Pigtails.Values.SelectMany(t => new[] { t.From, t.To }));

    private static IEnumerable<(Id<Device> Device, Terminal Terminal)> Spots(Box box) =>
        box.Devices.SelectMany(d => (DeviceKinds.Find(d.Value.Kind)?.Terminals ?? []).Select(t => (d.Key, t)));

    private static Landing At(Id<Device> device, Terminal terminal) => new(LandingAt.Terminal, null, device, terminal.Landings[0].Id);
}
