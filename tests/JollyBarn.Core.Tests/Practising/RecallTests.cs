using System.Text.Json;
using JollyBarn.Practice;
using JollyBarn.Testing;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>When skills come back, against the reference of the algorithm: forty histories of eight practices run through ts-fsrs 5.4.2
/// (MIT, FSRS 6) in Node, no fuzz and no steps within a day, kept in <c>Data/recall-vectors.json</c>.</summary>
public class RecallTests
{
    [Fact]
    public void It_is_kept_and_comes_back_as_in_the_reference()
    {
        var histories = JsonSerializer.Deserialize<double?[][][]>(
            File.ReadAllText(Path.Combine(Checkout.Root, "tests", "JollyBarn.Core.Tests", "Data", "recall-vectors.json"))
        )!;
        var practised = 0;
        foreach (var history in histories)
        {
            Memory? memory = null;
            foreach (var step in history)
            {
                var (days, grade) = ((int)step[0]!, (Grade)(int)step[1]!);
                if (memory is { } before)
                {
                    Assert.Equal(step[5]!.Value, Recall.Kept(before, days), 6);
                }

                var now = Recall.Next(memory, days, grade);
                Assert.Equal(step[2]!.Value, now.Stability, Math.Max(1e-6, 1e-6 * now.Stability));
                Assert.Equal(step[3]!.Value, now.Difficulty, 1e-6);
                Assert.Equal((int)step[4]!, Recall.Days(now));
                memory = now;
                practised++;
            }
        }

        Assert.Equal(320, practised);
    }
}
