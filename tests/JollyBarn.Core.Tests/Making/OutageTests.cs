using CsCheck;
using JollyBarn.Making;

namespace JollyBarn.Core.Tests.Making;

/// <summary>Every breaker goes off once, which is the fewest it can; nobody works where a breaker is on, nobody in two places; and no order
/// of the same work leaves breakers dark for less.</summary>
public sealed class OutageTests
{
    private static DarkTask Task(string box, decimal minutes, params string[] breakers) => new("plan", box, breakers, minutes);

    private static readonly Gen<DarkTask[]> Tasks = Gen.Select(Gen.Int[1, 40], Gen.Int[1, 7])
        .Array[1, 6]
        .Select(all =>
            all.Select((t, i) => Task($"b{i}", t.Item1, [.. new[] { "p/1", "p/3", "p/5" }.Where((_, n) => (t.Item2 >> n) % 2 == 1)]))
                .ToArray()
        );

    private static decimal Dark(IEnumerable<DarkSlot> slots) =>
        slots.SelectMany(s => s.Task.Breakers.Select(b => (b, s))).GroupBy(x => x.b).Sum(g => g.Max(x => x.s.Until) - g.Min(x => x.s.From));

    [Fact]
    public void Nobody_is_in_two_places_and_everything_is_done() =>
        Gen.Select(Tasks, Gen.Int[1, 3])
            .Sample(
                (tasks, hands) =>
                {
                    var slots = Outage.Laid(tasks, hands);
                    Assert.Equal(tasks.Length, slots.Count);
                    foreach (var hand in slots.GroupBy(s => s.Hand))
                    {
                        var inOrder = hand.OrderBy(s => s.From).ToList();
                        Assert.All(inOrder.Zip(inOrder.Skip(1)), p => Assert.True(p.First.Until <= p.Second.From));
                    }
                },
                iter: 200
            );

    /// <summary>Against every order of the tasks one after the other, by one hand.</summary>
    [Fact]
    public void No_order_of_the_work_is_dark_for_less() =>
        Tasks.Sample(
            tasks =>
            {
                var least = Orders(tasks).Min(order => Dark(OneAfterTheOther(order)));
                Assert.True(Dark(Outage.Laid(tasks, 1)) <= least);
            },
            iter: 60
        );

    /// <summary>Two boxes on breaker 1, one on 1 and 3, one on 3: 1 is off for the first three, 3 for the last two.</summary>
    [Fact]
    public void What_shares_breakers_is_done_in_a_chain()
    {
        var slots = Outage.Laid([Task("a", 10, "p/1"), Task("c", 10, "p/3"), Task("b", 10, "p/1", "p/3")], 1);
        Assert.Equal(40, Dark(slots));
        Assert.Equal("b", slots[1].Task.Box.Text);
    }

    private static IEnumerable<DarkSlot> OneAfterTheOther(IEnumerable<DarkTask> order)
    {
        var at = 0m;
        foreach (var task in order)
        {
            yield return new(task, 0, at);
            at += task.Minutes;
        }
    }

    private static IEnumerable<DarkTask[]> Orders(DarkTask[] tasks) =>
        tasks.Length <= 1
            ? [tasks]
            : tasks.SelectMany((first, i) => Orders([.. tasks.Where((_, n) => n != i)]).Select(rest => (DarkTask[])[first, .. rest]));
}
