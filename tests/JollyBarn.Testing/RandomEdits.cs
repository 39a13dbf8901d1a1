using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Random edits of the kinds a person makes, some of them impossible.</summary>
public sealed class RandomEdits(int seed)
{
    private static readonly string[] Colours = ["black", "white", "red", "blue", "bare", "green"];
    private readonly Random random = new(seed);

    private readonly RandomWalls walls = new(seed);
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

    /// <summary>An edit of what is around the boxes: rooms, walls, supply, where cables end, what the office accepted. It may or may not
    /// be possible.</summary>
    public Edit NextOfHouse(Job job) =>
        walls.Next(job)
        ?? random.Next(20) switch
        {
            0 => new PutPlace(
                PlaceId(),
                new Place($"Room {made++}", Some(Enum.GetValues<Wetness>()), Some<string?>([null, "kitchen", "bathroom", "loft"]))
            ),
            1 => new PutWall(WallId(), new Wall($"Wall {made++}", PlaceId()) { Layers = [new("panel", Long(2), random.Next(2) == 0)] }),
            2 when job.Boxes.Count > 0 => new PlaceBox(Some(job.Boxes.Ids), PlaceId()),
            3 when job.Boxes.Count > 0 => new SetBoxWall(Some(job.Boxes.Ids), WallId(), walls.Spot(job)),
            4 => new PutSource(Some<string>(["s", "s2"]), new Source($"Source {made++}", Some(Enum.GetValues<SourceKind>()))),
            5 when job.Panels.Count > 0 => Breakers(job, Some(job.Panels.Ids)),
            6 when job.Circuits.Count > 0 => new PutCircuit(
                Some(job.Circuits.Ids),
                job.Circuits[Some(job.Circuits.Ids)] with
                {
                    Note = $"note {made++}",
                }
            ),
            7 or 8 when job.Circuits.Count > 0 => Noted(job, Some(job.Circuits.Ids)),
            9 or 10 when job.Panels.Count > 0 => Noted(Some(job.Panels)),
            11 or 12 when job.Runs.Count > 0 => new SetRun(
                Some(job.Runs.Ids),
                Some<CableType?>([null, CableType.NmB, CableType.UfB]),
                random.Next(2) == 0 ? Long(900) : null,
                null,
                random.Next(2) == 0 ? Some(job.Circuits.Ids.DefaultIfEmpty("")) : default(Id<Circuit>?)
            ),
            13 when job.Runs.Count > 0 && job.Panels.Count > 0 => new EndAtPanel(Some(job.Runs.Ids), Side(), Some(job.Panels.Ids)),
            14 when job.Runs.Count > 0 => new EndAtLoad(Some(job.Runs.Ids), Side(), $"heater {made++}"),
            15 when job.Runs.Count > 0 => new LoseEnd(Some(job.Runs.Ids), Side()),
            16 when job.Runs.Count > 0 && job.Boxes.Count > 0 => new ConnectRun(
                Some(job.Boxes.Ids),
                Some(job.Runs.Ids),
                Side(),
                Id("k"),
                Some(Enum.GetValues<EntrySide>())
            ),
            17 => new SetProfile(job.Profile with { Edition = Some(Enum.GetValues<Edition>()) }),
            18 => random.Next(2) == 0
                ? new SetPractice(PracticeBook.LongLeads.Key, Some(PracticeBook.LongLeads.Choices).Value)
                : new SetPractice(
                    Some([ElectricsBook.DropLoad.Key, ElectricsBook.UnknownFeet.Key]),
                    random.Next(10, 90).ToString(System.Globalization.CultureInfo.InvariantCulture)
                ),
            _ => Accepted(job),
        };

    /// <summary>A job after so many edits; impossible ones are passed over.</summary>
    public Job Grow(Job job, int edits)
    {
        for (var i = 0; i < edits; i++)
        {
            job = Next(job) is var edit && edit.Check(job) is null ? edit.Apply(job) : job;
        }

        return job;
    }

    /// <summary>The office accepts something that is found now; where nothing is, something that is not.</summary>
    private RecordRuling Accepted(Job job)
    {
        var box = Some(job.Boxes.Ids.DefaultIfEmpty("none"));
        var found = job.Boxes.TryFind(box, out var there) ? Inspector.Judge(job, box, there) : [];
        var about = found.Count > 0 ? Some(found) : null;
        return new(
            Id("o"),
            new Ruling(
                box,
                about?.Rule ?? "box-fill",
                about?.Of ?? Subjects.Box,
                "what was found",
                "may it stay",
                "the office",
                "2026-11-20",
                about?.Case,
                about?.Details.ToString()
            )
        );
    }

    private PutPanel Breakers(Job job, string id)
    {
        var panel = job.Panels[id];
        var kept = panel.Breakers.Where(_ => random.Next(8) > 0);
        return new(
            id,
            panel with
            {
                Name = $"Panel {made++}",
                Breakers =
                [
                    .. kept.Select(b =>
                        random.Next(2) == 0
                            ? b
                            : b with
                            {
                                Amperes = Some<decimal?>([null, 15, 20, 30]),
                                Kind = Some(Enum.GetValues<BreakerKind>()),
                                Circuit = job.Circuits.Count > 0 ? Some(job.Circuits.Ids) : default(Id<Circuit>?),
                            }
                    ),
                ],
            }
        );
    }

    private NoteCircuit Noted(Job job, string circuit) =>
        Some(FactKeys.All.Where(f => f.Of == FactOf.Circuit)) is var fact && job.Circuits.Has(circuit)
            ? new(circuit, fact.Id, Answered(fact))
            : throw new InvalidOperationException();

    private NotePanel Noted(KeyValuePair<string, Panel> panel)
    {
        var fact = Some(FactKeys.All.Where(f => f.Of is FactOf.Panel or FactOf.Breaker));
        var of = fact.Of == FactOf.Panel ? Subjects.Panel : panel.Value.Breakers.Select(b => b.Key).DefaultIfEmpty("1").First();
        return new(panel.Key, of, fact.Id, Answered(fact));
    }

    private Observation? Answered(FactKey fact)
    {
        var value = fact.Answers.Count > 0 ? Some(fact.Answers) : $"{random.Next(1, 30)}";
        return random.Next(6) == 0 ? null : new Observation(Known.Measured, value, value, "tester");
    }

    private RunSide Side() => Some(Enum.GetValues<RunSide>());

    private string PlaceId() => $"place{random.Next(3)}";

    private string WallId() => $"wall{random.Next(3)}";

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
                Some(box.Leads.Values.Select(l => l.Run).OfType<Id<Run>>())
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
            25 when box.Leads.Count > 0 => new GoOn(id, Some([.. box.Leads.Ids, .. box.Pigtails.Ids]), Id("g"), Somewhere(box)),
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
            FactOf.Wire when box.Pigtails.Count > 0 && random.Next(2) == 0 => box.Pigtails.Ids.First().Text,
            FactOf.Lead or FactOf.Wire => box.Leads.Ids.FirstOrNull()?.Text ?? "none",
            FactOf.Joint => box.Joints.Ids.FirstOrNull()?.Text ?? "none",
            FactOf.Device => box.Devices.Ids.FirstOrNull()?.Text ?? "none",
            FactOf.Pigtail => box.Pigtails.Ids.FirstOrNull()?.Text ?? "none",
            _ => box.Entries.Ids.FirstOrDefault() ?? "none",
        };
        return new(id, of, kind.Id, Answered(kind));
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
