using System.Linq.Expressions;
using System.Text.Json;
using System.Text.Json.Nodes;
using CsCheck;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Ids of boxes, runs, leads, joints, devices and circuits.</summary>
public class IdTests
{
    private static readonly Type[] Kinds = [typeof(Box), typeof(Run), typeof(Lead), typeof(Joint), typeof(Device), typeof(Circuit)];

    public static TheoryData<Type, Type> Pairs
    {
        get
        {
            var pairs = new TheoryData<Type, Type>();
            foreach (var (one, other) in Kinds.SelectMany(a => Kinds.Where(b => b != a).Select(b => (a, b))))
            {
                pairs.Add(one, other);
            }

            return pairs;
        }
    }

    /// <summary>The compiler's own search for a conversion finds none between two kinds, and finds those to and from text.</summary>
    [Theory]
    [MemberData(nameof(Pairs))]
    public void One_kind_is_never_taken_for_another(Type one, Type other)
    {
        var (from, to) = (typeof(Id<>).MakeGenericType(one), typeof(Id<>).MakeGenericType(other));
        Assert.Throws<InvalidOperationException>(() => Expression.Convert(Expression.Parameter(from), to));
        Assert.Equal(typeof(string), Expression.Convert(Expression.Parameter(from), typeof(string)).Type);
        Assert.Equal(to, Expression.Convert(Expression.Parameter(typeof(string)), to).Type);
    }

    /// <summary>Two jobs that are equal are written the same way: ids stand in the order of their characters, as the text of an id
    /// does.</summary>
    [Fact]
    public void Things_stand_in_the_order_of_the_characters_of_their_ids() =>
        Gen.String[Gen.Char["abz059.-"], 1, 6]
            .Array[0, 12]
            .Sample(texts =>
            {
                var joint = new Joint { Connector = "small" };
                var things = ById<Id<Joint>, Joint>.From(texts.Select(t => KeyValuePair.Create((Id<Joint>)t, joint)));
                Assert.Equal(texts.Distinct().Order(StringComparer.Ordinal), things.Ids.Texts());
                Assert.All(texts, t => Assert.Same(joint, things.Find(t)));
                Assert.Null(things.Find("none"));
                Assert.Null(things.Find(default(Id<Joint>?)));
                Assert.False(things.Has(default(Id<Joint>?)));
            });

    [Fact]
    public void What_is_not_said_stays_not_said()
    {
        string? nothing = null;
        Id<Run>? run = nothing;
        Assert.Null(run);
        Assert.Null((string?)run);
        Assert.Null(Enumerable.Empty<Id<Run>>().FirstOrNull());
        Assert.Equal(
            "b",
            new Id<Run>[] { "a", "b" }
                .FirstOrNull(r => r != "a")
                ?.Text
        );
        Assert.False(Id<Run>.TryParse(null, null, out _));
    }

    [Fact]
    public void An_id_is_written_as_its_text_and_read_back_also_as_the_name_of_a_property()
    {
        var move = new MoveLead("bench", "r1.a0", new Landing(LandingAt.Joint, "hots"));
        var text = JsonSerializer.Serialize<Edit>(move, JobJson.Default.Edit);
        Assert.Equal("bench", (string?)JsonNode.Parse(text)!["box"]);
        Assert.Equal("hots", (string?)JsonNode.Parse(text)!["to"]!["joint"]);
        Assert.Equal(move, JsonSerializer.Deserialize(text, JobJson.Default.Edit));
        var box = JsonDocument.Parse(
            JsonSerializer.Serialize(Jobs.WithBox(BoxKinds.All[0].Id).Cables(1, 14, 2).Boxes["b"], JobJson.Default.Box)
        );
        Assert.Contains(box.RootElement.GetProperty("leads").EnumerateObject(), lead =>
            lead.Name.EndsWith(".a0", StringComparison.Ordinal)
        );
    }

    /// <summary>An edit that leaves out whom it is about, or says it with something that is no text, is refused while it is read.</summary>
    [Theory]
    [InlineData("""{"do":"moveLead","lead":"r1.a0","to":{"at":"Loose"}}""")]
    [InlineData("""{"do":"moveLead","box":null,"lead":"r1.a0","to":{"at":"Loose"}}""")]
    [InlineData("""{"do":"moveLead","box":7,"lead":"r1.a0","to":{"at":"Loose"}}""")]
    [InlineData("""{"do":"moveLead","box":"b","lead":["r1.a0"],"to":{"at":"Loose"}}""")]
    [InlineData("""{"do":"joinLeads","box":"b","joint":"j","connector":"small","leads":["r1.a0",null]}""")]
    public void An_id_that_is_missing_or_no_text_is_refused(string edit) =>
        Assert.Throws<JsonException>(() => JsonSerializer.Deserialize(edit, JobJson.Default.Edit));
}
