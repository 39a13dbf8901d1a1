using System.Collections.Concurrent;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

namespace JollyBarn.Browser.Tests;

/// <summary>Headless Chromium from Debian. One that was used is emptied and used again: starting one takes longer than many a
/// test.</summary>
public sealed class Browsers : IDisposable
{
    private static readonly ConcurrentBag<ChromeDriver> Idle = [];
    private static readonly ConcurrentBag<string> Profiles = [];

    /// <summary>A browser with nothing kept from before, with a screen of this size, px.</summary>
    public static ChromeDriver Take(int width, int height, bool phone)
    {
        var driver = Idle.TryTake(out var used) ? used : Started();
        driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new()
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = phone ? 2 : 1,
                ["mobile"] = phone,
            }
        );
        driver.ExecuteCdpCommand(
            "Emulation.setTouchEmulationEnabled",
            phone ? new() { ["enabled"] = true, ["maxTouchPoints"] = 1 } : new() { ["enabled"] = false }
        );
        return driver;
    }

    /// <summary>Takes one back; what it kept of the addresses it was at goes.</summary>
    public static void GiveBack(ChromeDriver driver, IEnumerable<string> addresses)
    {
        try
        {
            driver.ExecuteCdpCommand("Emulation.setEmulatedMedia", new() { ["media"] = "" });
            driver.ExecuteCdpCommand("Emulation.setCPUThrottlingRate", new() { ["rate"] = 1 });
            driver.ExecuteCdpCommand("Network.setBlockedURLs", new() { ["urls"] = Array.Empty<string>() });
            driver.ExecuteCdpCommand("Network.disable", []);
            driver.ResetInputState();
            // What a page still holds of its settings is written a moment later than it is cleared from outside.
            driver.ExecuteScript("try { localStorage.clear(); } catch { /* no page of ours */ }");
            driver.Navigate().GoToUrl("about:blank");
            foreach (var address in addresses)
            {
                driver.ExecuteCdpCommand("Storage.clearDataForOrigin", new() { ["origin"] = address, ["storageTypes"] = "all" });
            }

            Idle.Add(driver);
        }
        catch (WebDriverException)
        {
            // A browser that a test left hanging is not for the next.
            driver.Quit();
        }
    }

    public void Dispose()
    {
        while (Idle.TryTake(out var driver))
        {
            driver.Quit();
            driver.Dispose();
        }

        foreach (var profile in Profiles)
        {
            Directory.Delete(profile, true);
        }
    }

    /// <summary>Whoever works at the screen has said who they are before, unless a test has it forgotten.</summary>
    private const string Known = $$"""
        try {
          const kept = JSON.parse(localStorage.getItem('jolly-barn') ?? '{}');
          if (kept.who === undefined) localStorage.setItem('jolly-barn', JSON.stringify({ ...kept, who: '{{Person.Name}}' }));
        } catch { /* no page of ours */ }
        """;

    private static ChromeDriver Started()
    {
        var profile = Directory.CreateTempSubdirectory("jolly-barn-profile-").FullName;
        Profiles.Add(profile);
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--window-size=1280,800",
            $"--user-data-dir={profile}"
        );
        var driver = new ChromeDriver(
            ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"),
            options,
            TimeSpan.FromSeconds(60)
        );
        driver.ExecuteCdpCommand("Page.addScriptToEvaluateOnNewDocument", new() { ["source"] = Known });
        return driver;
    }
}
