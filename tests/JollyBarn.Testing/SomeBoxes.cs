using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Boxes as one meets them: up to six cables and sixteen leads, up to three devices, joints by use, pigtails, and now and then
/// something odd.</summary>
public static class SomeBoxes
{
    private const int MostLeads = 16;
    private static readonly string[] Devices =
    [
        "receptacle",
        "protective",
        "switch",
        "switch-3way",
        "dimmer",
        "smart-switch",
        "receptacle-single",
        "combination",
    ];
    private static readonly string[] Kinds = ["nm-1g-22.5", "nm-2g-32", "nm-3g-48", "round-4x2-1/8", "device-3x2x3-1/2"];

    /// <summary>A job with one box <c>b</c>; the same for the same seed.</summary>
    public static Job Make(int seed)
    {
        var random = new Random(seed);
        T Some<T>(IReadOnlyList<T> of) => of[random.Next(of.Count)];
        var kind = Some(Kinds);
        var job = Jobs.WithBox(kind);
        var box = job.Boxes["b"];
        var leads = 0;
        for (var c = 0; c < random.Next(1, 7); c++)
        {
            var conductors = random.Next(3) == 0 ? 3 : 2;
            if (leads + conductors + 1 > MostLeads)
            {
                break;
            }

            leads += conductors + 1;
            job = job.Do(
                new AddCable(
                    "b",
                    $"r{c}",
                    $"k{c}",
                    Jobs.Nm(Some<int>([14, 12]), conductors),
                    Some(Enum.GetValues<EntrySide>()),
                    null,
                    $"cable {c}",
                    c == 0 ? Feeds.FeedsIn : Feeds.FeedsOn
                )
            );
        }

        for (var gang = 1; gang <= Math.Min(3, box.OpenGangs); gang++)
        {
            job = random.Next(5) == 0 ? job : job.Do(new AddDevice("b", $"d{gang}", Some(Devices), gang));
        }

        if (box.OpenGangs == 0)
        {
            job = job.Do(new AddDevice("b", "d1", Some<string>(["luminaire", "lampholder", "fan"]), 0));
        }

        foreach (
            var (use, name) in new[] { (ConductorUse.Hot, "hots"), (ConductorUse.Neutral, "neutrals"), (ConductorUse.Ground, "grounds") }
        )
        {
            var all = job.Boxes["b"].Leads.Where(l => l.Value.Use == use && random.Next(10) > 1).Select(l => l.Key).ToList();
            if (all.Count > 1)
            {
                job = job.Do(new JoinLeads("b", name, Some<string>(["twist-on-medium", "twist-on-large", "lever-5"]), all, name));
            }
        }

        foreach (var (id, device) in job.Boxes["b"].Devices)
        {
            foreach (var terminal in DeviceKinds.Find(device.Kind)!.Terminals)
            {
                var to = new Landing(LandingAt.Terminal, null, id, terminal.Landings[0].Id);
                var joint = terminal.Role switch
                {
                    TerminalRole.Ground => "grounds",
                    TerminalRole.Neutral or TerminalRole.LineNeutral => "neutrals",
                    TerminalRole.Hot or TerminalRole.LineHot or TerminalRole.Common => "hots",
                    _ => null,
                };
                var free = job.Boxes["b"].Leads.FirstOrNull(l => l.Value is { Run: not null, Lands.At: LandingAt.Unknown })?.Key;
                job =
                    joint is not null && job.Boxes["b"].Joints.Has(joint) && random.Next(4) > 0
                        ? job.Do(
                            new AddPigtail(
                                "b",
                                $"t{id}{terminal.Id}",
                                new Landing(LandingAt.Joint, joint),
                                to,
                                Length: new(Known.Measured, Length.Inches(8))
                            )
                        )
                    : free is { } lead && random.Next(3) > 0 ? job.Do(new MoveLead("b", lead, to))
                    : job;
            }
        }

        return Odd(job, random);
    }

    /// <summary>Lengths here and there, a cap, a loose end, a bond, a cable that goes through.</summary>
    private static Job Odd(Job job, Random random)
    {
        foreach (var id in job.Boxes["b"].Leads.Ids.ToList())
        {
            job =
                random.Next(2) == 0
                    ? job.Do(new SetLeadLength("b", id, new(Known.Measured, Length.Inches(0, random.Next(40, 90), 8))))
                    : job;
            if (job.Boxes["b"].Leads[id].Lands.At == LandingAt.Unknown && random.Next(3) == 0)
            {
                job = job.Do(new MoveLead("b", id, random.Next(2) == 0 ? Landing.Loose : new(LandingAt.Cap)));
            }
        }

        if (job.Boxes["b"].Joints.Has("grounds") && job.Boxes["b"].Material == BoxMaterial.Metal)
        {
            job = job.Do(new AddPigtail("b", "bond", new(LandingAt.Joint, "grounds"), new(LandingAt.BondingScrew)));
        }

        if (job.Boxes["b"].Joints.Count > 1 && random.Next(8) == 0)
        {
            var joints = job.Boxes["b"].Joints.Ids.Take(2).ToList();
            job = job.Do(new AddPigtail("b", "jumper", new(LandingAt.Joint, joints[0]), new(LandingAt.Joint, joints[1])));
        }

        return random.Next(8) == 0 && job.Runs.Has("r2") ? job.Do(new PassThrough("b", "r1", "r2", LeadForm.Loop)) : job;
    }
}
