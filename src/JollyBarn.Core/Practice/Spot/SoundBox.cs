using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Spot;

/// <summary>A box somebody has looked over and found sound: what rules ask of it is answered as all is well.</summary>
internal static class SoundBox
{
    /// <summary>Answers bring questions of their own; more rounds than these bring none.</summary>
    private const int Rounds = 4;

    /// <summary>Where all is well; lengths in inches. <em>Practice</em>: within every limit of the book, by some.</summary>
    private static readonly Dictionary<FactKey, string> Values = new()
    {
        [LeadFacts.Length] = "8",
        [LeadFacts.PastOpening] = "4",
        [LeadFacts.TailLength] = "8",
        [CableFacts.Sheath] = "3/8",
        [CableFacts.Fastener] = "7",
        [WallFacts.Setback] = "0",
        [WallFacts.Gap] = "0",
        [DeviceFacts.ToStorage] = "14",
        [DeviceFacts.Weight] = "2",
        [BoxFacts.SwitchNeutral] = Choice.Text(NoNeutral.Whole),
    };

    /// <summary>Choices of which the first is that nothing is wrong.</summary>
    private static readonly HashSet<FactKey> FirstIsSound =
    [
        WallFacts.Access,
        BoxFacts.Nails,
        CableFacts.Hurt,
        LeadFacts.Hurt,
        LeadFacts.Hook,
        LeadFacts.Seen,
        DeviceFacts.Screws,
        BoxFacts.FanPlace,
    ];

    /// <summary>What is seen of every box before anybody asks, where mistakes are planted: a fact that stood only beside a mistake
    /// would tell where it is.</summary>
    public static Job Seen(Job job, Id<Box> id)
    {
        var box = job.Boxes[id];
        var bonded =
            box.Leads.Values.Any(l => l.Lands.At == LandingAt.BondingScrew)
            || box.Pigtails.Values.Any(t => t.From.At == LandingAt.BondingScrew || t.To.At == LandingAt.BondingScrew);
        (FactKey Fact, string Value, bool Here)[] seen =
        [
            (WallFacts.AsBuilt, "no", true),
            (WallFacts.Height, "16", box.Devices.Values.Any(d => DeviceKinds.Find(d.Kind)?.Receptacle == true)),
            (BoxFacts.BondEach, "yes", bonded),
        ];
        return Tagged(
            job.Do([
                .. seen.Where(s => s.Here && box.Noted.Find(Subjects.Box)?.Facts.Has(s.Fact.Id) != true)
                    .Select(s => new NoteFact(id, Subjects.Box, s.Fact.Id, new(Known.Measured, s.Value))),
            ]),
            id
        );
    }

    /// <summary>Each cable with a tag that says what its wires do here: what brings a hot feeds in, what brings nothing feeds on.</summary>
    private static Job Tagged(Job job, Id<Box> id)
    {
        var (comings, box) = (Connected.Of(job).Coming(id), job.Boxes[id]);
        return job.Do([
            .. from cable in Plot.CablesOf(box)
            let comes = box.Leads.Values.Where(l => l.Run == Subjects.CableEnd(cable)!.Value.Run).Select(comings.By).ToList()
            where comes.Exists(c => c.Hot) || comes.TrueForAll(c => c.Closed)
            select Plot.Tag(job, id, cable, comes.Exists(c => c.Hot) ? Feeds.FeedsIn : Feeds.FeedsOn),
        ]);
    }

    public static Job Answered(Job job, Id<Box> id)
    {
        job = job.Boxes[id]
            .Pigtails.Ids.Aggregate(job, (j, tail) =>
                new NoteFact(id, tail.Text, LeadFacts.TailLength.Id, new(Known.Measured, Values[LeadFacts.TailLength])).Apply(j)
            );
        for (var round = 0; round < Rounds; round++)
        {
            var open = Inspector.JudgeAll(job, id, job.Boxes[id]).Where(f => f.Verdict == Verdict.Measure);
            var edits = Questions.Ask(open).Select(q => Answer(id, q)).OfType<NoteFact>().ToList();
            if (edits.Count == 0)
            {
                break;
            }

            job = edits.Aggregate(job, (j, edit) => edit.Check(j) is null ? edit.Apply(j) : j);
        }

        return job;
    }

    private static NoteFact? Answer(Id<Box> box, Question asked) =>
        Sound(asked.Fact) is { } value ? new NoteFact(box, asked.Of, asked.Fact.Id, new(Known.Measured, value)) : null;

    private static string? Sound(FactKey fact) =>
        Values.GetValueOrDefault(fact) ?? (FirstIsSound.Contains(fact) ? fact.Answers[0] : fact.Right);
}
