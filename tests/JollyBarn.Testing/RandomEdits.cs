using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Random edits of the kinds a person makes, some of them impossible.</summary>
public sealed class RandomEdits(int seed)
{
    private static readonly string[] Colours = ["black", "white", "red", "blue", "bare", "green"];
    private readonly Random random = new(seed);
    private int made;

    /// <summary>An edit that may or may not be possible on the job.</summary>
    public Edit Next(Job job)
    {
        if (job.Boxes.Count == 0 || random.Next(14) == 0)
        {
            return random.Next(4) switch
            {
                0 => new PutPlace(Id("p"), new Place($"Room {made}")),
                1 => new SetProfile(job.Profile with { Edition = Some(Enum.GetValues<Edition>()) }),
                2 => new SetPractice(PracticeBook.LongLeads.Key, Some(PracticeBook.LongLeads.Choices).Value),
                _ => new AddBox(
                    Id("b"),
                    $"Box {made}",
                    Some(BoxKinds.All).Id,
                    job.Places.Count > 0 ? Some(job.Places.Ids) : null,
                    random.Next(2) == 0 ? Mark() : null,
                    Some(Enum.GetValues<Contents>())
                ),
            };
        }

        var id = Some(job.Boxes.Ids);
        return InBox(job, id, job.Boxes[id]);
    }

    /// <summary>A job after so many edits; impossible ones are passed over.</summary>
    public Job Grow(Job job, int edits)
    {
        for (var i = 0; i < edits; i++)
        {
            job = Next(job) is var edit && edit.Check(job) is null ? edit.Apply(job) : job;
        }

        return job;
    }

    private Edit InBox(Job job, string id, Box box) =>
        random.Next(32) switch
        {
            0 => new RenameBox(id, $"Box called {made++}"),
            1 => new SetBoxMark(id, random.Next(3) == 0 ? Fact<Volume>.Unknown : Mark()),
            2 => new SetBoxSize(id, Long(4), Long(3), random.Next(2) == 0 ? null : Long(4)),
            3 => new SetContents(id, Some(Enum.GetValues<Contents>())),
            4 => new SetClamps(id, Fact<ClampStyle>.Marked(Some(Enum.GetValues<ClampStyle>()))),
            5 => new AddPart(id, Id("t"), Some(PartKinds.All).Id, random.Next(2) == 0 ? Mark() : null),
            6 when box.Parts.Count > 0 => new RemovePart(id, Some(box.Parts.Ids)),
            7 => new AddPartition(id, Id("w"), random.Next(1, 4)),
            8 or 9 or 10 => new AddCable(
                id,
                Id("r"),
                Id("k"),
                Cable(),
                Some(Enum.GetValues<EntrySide>()),
                null,
                random.Next(2) == 0 ? $"from room {made}" : null
            ),
            11 when box.Leads.Values.Any(l => l.Run is not null) => new RemoveCable(
                id,
                Some(box.Leads.Values.Select(l => l.Run).OfType<string>())
            ),
            12 when box.Leads.Count > 1 => new JoinLeads(
                id,
                Id("j"),
                Some(ConnectorKinds.All).Id,
                [.. box.Leads.Ids.OrderBy(_ => random.Next()).Take(random.Next(1, 4))]
            ),
            13 when box.Joints.Count > 0 => new RemoveJoint(id, Some(box.Joints.Ids)),
            14 or 15 => new AddDevice(id, Id("d"), Some(DeviceKinds.All).Id, random.Next(0, 3)),
            16 when box.Devices.Count > 0 => new RemoveDevice(id, Some(box.Devices.Ids)),
            17 when box.Devices.Count > 0 => new SwapDevice(id, Some(box.Devices.Ids), Some(DeviceKinds.All).Id),
            18 or 19 when box.Leads.Count > 0 => new MoveLead(id, Some(box.Leads.Ids), Somewhere(box)),
            20 when box.Leads.Count > 0 => new SetLeadLength(id, Some(box.Leads.Ids), Long(20)),
            21 when box.Joints.Count > 0 => new AddPigtail(id, Id("g"), new Landing(LandingAt.Joint, Some(box.Joints.Ids)), Somewhere(box)),
            22 when box.Leads.Count > 0 => new SetLeadForm(id, Some(box.Leads.Ids), Some(Enum.GetValues<LeadForm>())),
            23 when box.Leads.Count > 0 => new IdentifyLead(id, Some(box.Leads.Ids), Some(Colours), Some(Enum.GetValues<ConductorUse>())),
            26 or 27 or 28 or 29 or 30 => Noted(id, box),
            31 => new HearSaid(id, Id("h"), $"said {made}"),
            24 => new CopyBox(id, Id("b"), $"Copy {made}"),
            _ => new Batch([new NoteBox(id, $"note {made++}"), new SetFittings(id, random.Next(2), random.Next(2))]),
        };

    /// <summary>An answer to some question about some thing of the box, now and then an impossible one.</summary>
    private NoteFact Noted(string id, Box box)
    {
        var kind = Some(FactKeys.All);
        var of = kind.Of switch
        {
            FactOf.Box => Subjects.Box,
            FactOf.CableEnd => box.Leads.Values.FirstOrDefault(l => l.Run is not null) is { Run: { } run } lead
                ? Subjects.CableEnd(run, lead.Side)
                : "none",
            FactOf.Lead => box.Leads.Ids.FirstOrDefault() ?? "none",
            FactOf.Joint => box.Joints.Ids.FirstOrDefault() ?? "none",
            FactOf.Device => box.Devices.Ids.FirstOrDefault() ?? "none",
            FactOf.Pigtail => box.Pigtails.Ids.FirstOrDefault() ?? "none",
            _ => box.Entries.Ids.FirstOrDefault() ?? "none",
        };
        var value = kind.Answers.Count > 0 ? Some(kind.Answers) : $"{random.Next(1, 30)}";
        return new(id, of, kind.Id, random.Next(6) == 0 ? null : new Observation(Known.Measured, value, value, "tester"));
    }

    private CableSpec Cable() => Jobs.Nm(Some<int>([14, 12, 10]), random.Next(2, 4), random.Next(5) > 0);

    private Landing Somewhere(Box box)
    {
        var places = box
            .Devices.SelectMany(d =>
                DeviceKinds
                    .Find(d.Value.Kind)!
                    .Terminals.SelectMany(t => t.Landings)
                    .Select(p => new Landing(LandingAt.Terminal, null, d.Key, p.Id))
            )
            .Concat(box.Joints.Ids.Select(j => new Landing(LandingAt.Joint, j)))
            .Append(Landing.Loose)
            .Append(new Landing(LandingAt.Cap));
        return Some(places);
    }

    private Fact<Volume> Mark() => Fact<Volume>.Marked(Volume.Of(random.Next(24, 160) / 4m));

    private Fact<Length> Long(int most) => new(Known.Measured, Length.Inches(0, random.Next(16, most * 16), 16), null, "tester");

    private T Some<T>(IEnumerable<T> of) => of.ElementAt(random.Next(of.Count()));

    private string Id(string prefix) => $"{prefix}{seed:x}.{made++}";
}
