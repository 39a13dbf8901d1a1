using System.Diagnostics;
using JollyBarn.Testing;

namespace JollyBarn.Drawing.Tests;

/// <summary>Modules of the interface, run in Node as they are built.</summary>
internal static class InNode
{
    /// <summary>Runs the script of this name beside the tests on the built module of the same name; what it writes.</summary>
    public static string Run(string name, string input)
    {
        var module = Path.Combine(Checkout.Root, ".build", "drawing", $"{name}.mjs");
        using var node = Process.Start(
            new ProcessStartInfo("node", [Path.Combine(AppContext.BaseDirectory, $"{name}.mjs"), module])
            {
                RedirectStandardInput = true,
                RedirectStandardOutput = true,
            }
        )!;
        var writing = Task.Run(() =>
        {
            node.StandardInput.Write(input);
            node.StandardInput.Close();
        });
        var output = node.StandardOutput.ReadToEnd();
        writing.Wait();
        node.WaitForExit();
        Assert.Equal(0, node.ExitCode);
        return output;
    }
}
