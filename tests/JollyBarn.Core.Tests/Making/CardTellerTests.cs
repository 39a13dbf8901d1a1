using JollyBarn.Making;
using JollyBarn.Telling.Making;
using JollyBarn.Testing;

namespace JollyBarn.Core.Tests.Making;

/// <summary>Whatever a card has to say is said in words, with no hole in them, and every amount comes from the model.</summary>
public class CardTellerTests
{
    [Theory]
    [MemberData(nameof(Seeds))]
    public void Every_step_of_generated_cards_has_words(int seed)
    {
        var job = PlannedBoxes.Make(seed);
        foreach (var box in Edits.ChangeWork.Planned(job, "plan").Boxes.Ids)
        {
            var shown = MakeUpCard.Of(job, "plan", box, "Ines", "2026-10-01T08:00:00Z");
            var all = shown with { Steps = new CardWalk("plan").Steps(job, box) };
            var told = ToldCard.Tell(job, "plan", all);
            Assert.Equal(all.Steps.Count, told.Steps.Count);
            Assert.All(told.Steps, s => Assert.All([s.Title, s.Says, .. s.Items.Select(i => i.Says)], Whole));
            Assert.All(told.Steps, s => Assert.Equal(s.Warning is null, !all.Steps.First(x => x.Key == s.Key).Final));
        }
    }

    private static void Whole(string says)
    {
        Assert.False(string.IsNullOrWhiteSpace(says));
        Assert.DoesNotContain('{', says);
        Assert.DoesNotContain("  ", says, StringComparison.Ordinal);
        Assert.True(!char.IsLower(says[0]), says);
    }

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 30)];
}
