using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Web;
using JollyBarn.Wiring;

namespace JollyBarn.Drawing.Tests;

/// <summary>What the screens know of a job without asking, run as it is built.</summary>
public sealed class ModelTests
{
    private static readonly JsonSerializerOptions Options = Set();

    private static readonly object?[] Sorts = [CableSort.All];

    /// <summary>The address of a question, and the question it stands for.</summary>
    public static TheoryData<string> Addresses() =>
        [
            "",
            "cables=14-2*3&front=receptacle*1&clamps=internal&mark=18",
            "cables=12-2*2%7E14-3*1&front=switch*2%7Edimmer*1&clamps=flap&box=nm-1g-18&edition=2017",
            "cables=14-2%2Fnone*2&clamps=outside&mark=295+ml&edition=2020",
            "cables=14-2*2%7E14-2.through*1%7E12-2.loop*1&front=luminaire*1&box=square-4x1-1%2F2&on=ring*1&inside=4x4x1+1%2F2&studs=1",
        ];

    [Theory]
    [MemberData(nameof(Addresses))]
    public void A_question_in_an_address_reads_back_as_the_same_address(string search)
    {
        var question = One("question", "fromSearch", Search(search));
        Assert.Equal(search, (string)One("question", "toSearch", question)!["$search"]!);
    }

    /// <summary>Kinds of boxes and devices are found by what people type for them.</summary>
    [Theory]
    [InlineData("2 gang old", "two-gang old-work, 25 in³", true)]
    [InlineData("2 gang old", "one-gang old-work, 18 in³", false)]
    [InlineData("4 sq deep", "4 square × 2 1/8", true)]
    [InlineData("4 sq deep", "4 square × 1 1/2", false)]
    [InlineData("4 sq deep", "4 11/16 square × 2 1/8", true)]
    [InlineData("pan", "4 × 1/2 ceiling pan", true)]
    [InlineData("plastic outdoor", "one-gang nonmetallic weatherproof box", true)]
    [InlineData("3way", "three-way switch", true)]
    [InlineData("outlet usb", "receptacle with low-voltage ports", true)]
    public void A_kind_is_found_by_what_people_type(string typed, string kind, bool found) =>
        Assert.Equal(found, typed.Split(' ').All(t => (bool)One("found", "found", kind, t)!));

    /// <summary>An address somebody mistyped or made up asks nothing that is not there.</summary>
    [Theory]
    [InlineData("cables=14-2*-3", "{}")]
    [InlineData("cables=14-2*lots", "{}")]
    [InlineData("cables=14-2*900", """{"14-2":40}""")]
    [InlineData("cables=<b>*2", "{}")]
    [InlineData("cables=14-2", "{}")]
    public void A_spoiled_address_counts_nothing_impossible(string search, string cables)
    {
        var question = One("question", "fromSearch", Search(search))!;
        Assert.True(JsonNode.DeepEquals(JsonNode.Parse(cables), question["cables"]), question["cables"]!.ToJsonString());
    }

    [Theory]
    [InlineData("edition=1999", "edition", "Nec2023")]
    [InlineData("clamps=glue", "clamps", null)]
    public void What_an_address_says_that_nobody_knows_is_left_out(string search, string what, string? stays) =>
        Assert.Equal(stays, (string?)One("question", "fromSearch", Search(search))![what]);

    /// <summary>314.16(B) by hand: three 14-2, clamps inside and a receptacle are 6 + 1 + 2 + 1 = 10 of 2.00 in³, whatever is asked of the
    /// server must come to that; two old cables without a ground, 4.</summary>
    [Theory]
    [InlineData("cables=14-2*3&front=receptacle*1&clamps=internal&mark=18", 20.0)]
    [InlineData("cables=14-2%2Fnone*2&clamps=outside&mark=18", 8.0)]
    [InlineData("cables=12-2%2Fac*2&clamps=outside&mark=18", 9.0)] // Its armour is the ground: no ground wire takes room.
    [InlineData("cables=16-3%2Fcord*1&clamps=outside&mark=18", 5.25)] // Two of 16 AWG and its green wire: 3 × 1.75 in³.
    [InlineData("cables=12-3*1&clamps=outside&mark=18", 9.0)]
    public void What_is_asked_of_the_server_is_what_was_tapped(string search, decimal needed)
    {
        var question = One("question", "fromSearch", Search(search));
        var asked = One("question", "plain", question, Sorts[0])!.Deserialize<PlainBox>(Options)!;
        Assert.Null(asked.Check());
        Assert.Equal(Volume.Of(needed), BoxFill.Evaluate(asked.Read(), asked.Profile(), asked.House()).Needed.Low);
        Assert.Equal(Volume.Of(18m), asked.Mark);
    }

    /// <summary>A cable the catalogue does not have is named, so that nothing fits by leaving it out.</summary>
    [Theory]
    [InlineData("cables=7-9*1%7E14-2*1", "7-9")]
    [InlineData("cables=14-2*1", "")]
    public void A_cable_nobody_knows_is_named_and_not_left_out(string search, string unknown)
    {
        var named = One("question", "unknownCables", One("question", "fromSearch", Search(search)), Sorts[0])!.AsArray();
        Assert.Equal(unknown, string.Join(", ", named.Select(n => (string)n!)));
    }

    [Theory]
    [InlineData("", null)]
    [InlineData("0", null)]
    [InlineData("x", null)]
    [InlineData("18", "18")]
    [InlineData("20,5", "20,5")]
    [InlineData("295cm3", "295cm3")]
    public void A_mark_is_asked_about_once_something_of_use_is_typed(string typed, string? asked) =>
        Assert.Equal(asked, (string?)One("question", "markOf", new { mark = typed }));

    [Fact]
    public void Names_come_from_the_answer_and_what_has_none_goes_by_its_id()
    {
        var view = Views.ViewOnce(GfciBox.Make(), 1, "b", GfciBox.Make().Boxes["b"]);
        var lead = view.Names.Leads.First();
        var joint = view.Names.Joints.First();
        var cable = view.Cables[0];
        var said = InNode
            .Call(
                "names",
                [
                    ("leadName", [view, lead.Key]),
                    ("sentence", [view, lead.Key]),
                    ("jointName", [view, joint.Key]),
                    ("cableName", [view, cable]),
                    ("leadName", [view, "j-just-made"]),
                    ("deviceName", [view, "d-just-made"]),
                ],
                Options
            )
            .Select(n => (string)n!);
        Assert.Equal(
            [
                lead.Value.Name,
                lead.Value.Says,
                joint.Value,
                view.Names.Cables[Subjects.CableEnd(cable.Run, cable.Side)],
                "j-just-made",
                "d-just-made",
            ],
            said
        );
    }

    [Theory]
    [InlineData("from the pantry", 25, 1, "from the pantry")]
    [InlineData("to the bench lamp and its switch", 23, 1, "to the bench lamp and…")]
    [InlineData("smart switch with neutral", 17, 2, "smart switch with|neutral")]
    [InlineData("switch and receptacle on one yoke", 17, 2, "switch and|receptacle on on…")]
    public void A_label_breaks_between_words_and_never_runs_over(string text, int letters, int most, string lines)
    {
        var wrapped = One("names", "wrap", text, letters, most)!.AsArray().Select(l => (string)l!).ToList();
        Assert.All(wrapped, l => Assert.True(l.Length <= letters, l));
        Assert.Equal(lines, string.Join('|', wrapped));
    }

    /// <summary>What a lead that merely moved cannot change is not asked again; a box, its verdicts and its log are.</summary>
    [Theory]
    [InlineData("head", true)]
    [InlineData("photos", true)]
    [InlineData("verdicts", false)]
    [InlineData("box", false)]
    [InlineData("survey", false)]
    public void Only_what_leads_cannot_change_is_calm(string view, bool calm)
    {
        var key = One("keys", "keys.of", "house", view, "glue");
        Assert.Equal(calm, (bool)One("keys", "isCalm", key)!);
        Assert.Equal(view == "box" ? "glue" : null, (string?)One("keys", "boxOf", key));
        Assert.True(JsonNode.DeepEquals(One("keys", "keys.job", "house"), new JsonArray(key![0]!.DeepClone(), key[1]!.DeepClone())));
    }

    /// <summary>The picture draws anew what shows no lead only when something else of the box changed.</summary>
    [Fact]
    public void A_box_whose_leads_moved_is_the_same_box_and_any_other_is_not()
    {
        var box = new
        {
            id = "b",
            place = "Bindery",
            kindName = "x",
            openGangs = 1,
            box = new
            {
                name = "Glue",
                leads = 1,
                joints = 1,
            },
        };
        bool Same(object after) => (bool)One("sameBox", "sameBox", new { view = box }, after)!;
        Assert.True(
            Same(
                new
                {
                    view = box with
                    {
                        box = new
                        {
                            name = "Glue",
                            leads = 2,
                            joints = 7,
                        },
                    },
                }
            )
        );
        Assert.False(
            Same(
                new
                {
                    view = box with
                    {
                        box = new
                        {
                            name = "Glue bench",
                            leads = 1,
                            joints = 1,
                        },
                    },
                }
            )
        );
        Assert.False(Same(new { view = box with { openGangs = 2 } }));
        Assert.False(Same(new { view = box, state = "Planned" }));
    }

    [Fact]
    public void An_edit_made_where_one_box_is_on_the_screen_reads_as_that_box_s()
    {
        var made = One(
            "edits",
            "inBox",
            "glue",
            new
            {
                @do = "moveLead",
                lead = "r1.a0",
                to = new { at = "Cap" },
            }
        )!;
        var edit = Assert.IsType<MoveLead>(made.Deserialize<Edit>(Options));
        Assert.Equal(("glue", "r1.a0", LandingAt.Cap), (edit.Box.Text, edit.Lead.Text, edit.To.At));
    }

    /// <summary>What was typed is kept beside what it is: a length, a mark in millilitres, nothing at all.</summary>
    [Fact]
    public void A_fact_typed_reaches_the_server_as_it_was_typed()
    {
        var facts = InNode.Call("facts", [("measured", ["6 1/2"]), ("measured", [""]), ("marked", ["295 ml"]), ("answered", ["yes"])]);
        var length = facts[0].Deserialize<Fact<Length>>(Options)!;
        Assert.Equal((Known.Measured, Length.Inches(6, 1, 2), "6 1/2", ""), (length.How, length.Value, length.Entered, length.Who));
        Assert.Equal(Known.Unknown, facts[1].Deserialize<Fact<Length>>(Options)!.How);
        // 295 ml is 18.002 in³: a millilitre is a cubic centimetre, an inch 2.54 cm.
        Assert.InRange(facts[2].Deserialize<Fact<Volume>>(Options)!.Value!.Value.CubicInches, 18.001m, 18.003m);
        Assert.Equal("yes", facts[3].Deserialize<Observation>(Options)!.Value);
    }

    [Fact]
    public void What_an_address_names_is_written_so_that_nothing_of_it_is_lost()
    {
        Assert.Equal("/jobs/house?find=black%20%26%20white", (string)One("address", "address.find", "house", "black & white")!);
        Assert.Equal(
            "/jobs/house/boxes/glue?lit=r1.a0%2Chots",
            (string)One("address", "address.box", "house", "glue", new[] { "r1.a0", "hots" })!
        );
        Assert.Equal("/jobs/house/boxes/glue", (string)One("address", "address.box", "house", "glue")!);
    }

    private static Dictionary<string, string> Search(string words) => new() { ["$search"] = words };

    private static JsonNode? One(string module, string by, params object?[] of) => InNode.Call(module, [(by, of)], Options)[0];

    private static JsonSerializerOptions Set()
    {
        var options = new JsonSerializerOptions();
        ApiJson.Set(options);
        return options;
    }
}
