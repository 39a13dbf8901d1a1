using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Every kind there is can be put in, landed on, swapped and taken out, and says of itself what the trade knows of it.</summary>
public class CatalogueTests
{
    public static TheoryData<string> Devices() => [.. DeviceKinds.All.Select(k => k.Id)];

    public static TheoryData<string> Connectors() => [.. ConnectorKinds.All.Select(k => k.Id)];

    public static TheoryData<string> Boxes() => [.. BoxKinds.All.Select(k => k.Id)];

    [Theory]
    [MemberData(nameof(Devices))]
    public void A_lead_lands_on_every_place_of_every_device_and_comes_loose_when_it_is_taken_out(string kind)
    {
        var job = With(kind).Cables(1, 14, 2);
        foreach (var place in DeviceKinds.Find(kind)!.Terminals.SelectMany(t => t.Landings))
        {
            var landed = job.Do(new MoveLead("b", "r0.a0", GfciBox.At(place.Id, "d")));
            Assert.Equal(place.Id, landed.Boxes["b"].Leads["r0.a0"].Lands.Place);
            Assert.Equal(Landing.Loose, landed.Do(new RemoveDevice("b", "d")).Boxes["b"].Leads["r0.a0"].Lands);
        }
    }

    [Theory]
    [MemberData(nameof(Devices))]
    public void Swapped_for_any_other_nothing_is_left_lying_on_what_is_gone(string kind)
    {
        var places = DeviceKinds.Find(kind)!.Terminals.SelectMany(t => t.Landings).Select(p => p.Id).ToList();
        var job = With(kind).Cables(3, 14, 3);
        job = places.Zip(job.Boxes["b"].Leads.Ids).Aggregate(job, (j, p) => j.Do(new MoveLead("b", p.Second, GfciBox.At(p.First, "d"))));
        foreach (var other in DeviceKinds.All.Where(k => new SwapDevice("b", "d", k.Id).Check(job) is null))
        {
            var box = job.Do(new SwapDevice("b", "d", other.Id)).Boxes["b"];
            Assert.All(box.Leads.Ids, id =>
                Assert.Null(new MoveLead("b", id, box.Leads[id].Lands).Check(job.Do(new SwapDevice("b", "d", other.Id))))
            );
            Assert.Equal(
                other.Leads.Select(l => $"d.{l.Id}").Order(StringComparer.Ordinal),
                box.Leads.Where(l => l.Value.Device == "d").Select(l => l.Key.Text)
            );
        }
    }

    [Theory]
    [MemberData(nameof(Devices))]
    public void A_device_with_a_yoke_counts_two_of_its_largest_conductor_a_gang_it_takes_and_one_without_none(string kind)
    {
        // 314.16(B)(4): two for each yoke; wider than one 2 in gang, two for each gang.
        var device = DeviceKinds.Find(kind)!;
        var job = With(kind).Cables(2, 12, 2);
        foreach (var place in device.Terminals.SelectMany(t => t.Landings).Take(1))
        {
            job = job.Do(new MoveLead("b", "r0.a0", GfciBox.At(place.Id, "d")));
        }

        var joined = device.Leads.Count > 0 ? job.Do(new JoinLeads("b", "j", "twist-on-small", ["r0.a0", $"d.{device.Leads[0].Id}"])) : job;
        var line = joined.Fill().Lines.SingleOrDefault(l => l.Kind == FillKind.Device);
        Assert.Equal(device.Yoke ? 2 * Math.Max(1, device.GangsWide) : 0, line?.High ?? 0);
        Assert.True(line is null || line.Volume.Low.CubicInches <= line.High * 2.25m);
    }

    [Theory]
    [MemberData(nameof(Devices))]
    public void Every_place_and_lead_of_a_device_has_a_name_of_its_own(string kind)
    {
        var device = DeviceKinds.Find(kind)!;
        var places = device.Terminals.SelectMany(t => t.Landings.Select(p => $"{t.Name}, {p.Name}")).ToList();
        Assert.Equal(places.Count, places.Distinct().Count());
        Assert.Equal(device.Leads.Count, device.Leads.Select(l => l.Name).Distinct().Count());
        Assert.All(device.Terminals, t => Assert.NotEmpty(t.Landings));
        Assert.All(device.Terminals.SelectMany(t => t.Landings), p => Assert.False(p.Thinnest.ThickerThan(p.Thickest)));
        Assert.All(device.Terminals.SelectMany(t => t.Landings.Select(p => (t, p))), x =>
            Assert.StartsWith(x.t.Id + "/", x.p.Id, StringComparison.Ordinal)
        );
    }

    [Theory]
    [MemberData(nameof(Connectors))]
    public void A_connector_full_to_its_ports_passes_and_one_more_does_not(string connector)
    {
        var kind = ConnectorKinds.Find(connector)!;
        if ((kind.Ports ?? kind.Grip?.MostOf(Gauge.Awg(14))) is not { } most)
        {
            Assert.Equal(ConnectorStyle.None, kind.Style);
            return;
        }

        Assert.DoesNotContain(Judge(most), f => f.Rule == "joint-connector" && f.Verdict != Verdict.Better);
        Assert.Contains(Judge(most + 1), f =>
            f.Rule == "joint-connector" && f.Verdict == (kind.Ports is null ? Verdict.Measure : Verdict.Fix)
        );

        IReadOnlyList<Finding> Judge(int conductors)
        {
            var job = Jobs.WithBox("square-4-11/16x2-1/8").Cables(conductors, 14, 2);
            job = job.Do(new JoinLeads("b", "j", connector, [.. Enumerable.Range(0, conductors).Select(i => $"r{i}.a0")], "hots"));
            return Inspector.Judge(job, "b", job.Boxes["b"]);
        }
    }

    /// <summary>Common practice: three conductors of building wiring are more than a small twist-on takes, whatever their gauge.</summary>
    [Fact]
    public void Conductors_of_unknown_gauge_are_taken_for_the_thinnest_there_is()
    {
        Assert.Equal("twist-on-medium", ConnectorKinds.TwistOnFor([null, null, null]).Id);
        Assert.Equal("twist-on-small", ConnectorKinds.TwistOnFor([Gauge.Awg(18), Gauge.Awg(18), Gauge.Awg(18)]).Id);
        Assert.False(ConnectorKinds.Find("lever-3")!.Takes([Gauge.Awg(10), null]));
        Assert.True(ConnectorKinds.Find("lever-3")!.Takes([Gauge.Awg(12), null, null]));
    }

    [Theory]
    [MemberData(nameof(Boxes))]
    public void Every_kind_of_box_can_be_added_copied_and_changed_to_and_offers_the_volume_it_says(string kind)
    {
        var found = BoxKinds.Find(kind)!;
        var job = Job.Blank("t")
            .Do(
                new AddBox("b", "Box", kind, null, null, Contents.Complete),
                new CopyBox("b", "c", "Copy"),
                new AddBox("other", "Other", "nm-1g-18"),
                new SetBoxKind("other", kind)
            );
        Assert.Equal(job.Boxes["b"].Height, job.Boxes["other"].Height);
        var available = job.Fill("c").Available;
        if (found is { Volume: { } volume, InTable: true })
        {
            Assert.Equal(VolumeSpan.Exactly(volume), available);
        }

        Assert.Equal(available, job.Fill("b").Available);
        Assert.InRange(found.PriceClass, 1, 5);
        Assert.True(found.Volume is null || found.Volume.Value.CubicInches is > 3 and < 100);
    }

    [Theory]
    [InlineData("nm-1g-18", 1)]
    [InlineData("nm-2g-32", 2)]
    [InlineData("nm-6g-75", 6)]
    public void As_many_devices_stand_in_a_box_as_it_has_gangs(string kind, int gangs)
    {
        var job = Enumerable.Range(1, gangs).Aggregate(Jobs.WithBox(kind), (j, g) => j.Do(new AddDevice("b", $"d{g}", "switch", g)));
        Assert.NotNull(new AddDevice("b", "more", "switch", gangs + 1).Check(job));
        Assert.NotNull(new AddDevice("b", "more", "switch", 1).Check(job));
    }

    private static Job With(string kind)
    {
        var device = DeviceKinds.Find(kind)!;
        return Jobs.WithBox(device.GangsWide == 0 ? "round-4x2-1/8" : "nm-3g-48")
            .Do(new AddDevice("b", "d", kind, device.GangsWide == 0 ? 0 : 1));
    }
}
