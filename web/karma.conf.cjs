// Debian's Chromium, without a window and without reaching for any network.
module.exports = (config) => {
  config.set({
    frameworks: ['jasmine'],
    plugins: [require('karma-jasmine'), require('karma-chrome-launcher')],
    browsers: ['Quiet'],
    customLaunchers: {
      Quiet: {
        base: 'ChromeHeadless',
        flags: ['--no-sandbox', '--disable-background-networking', '--disable-gpu'],
      },
    },
    client: {
      jasmine: {
        ...{ random: true, seed: '4180', timeoutInterval: 20_000 },
        failSpecWithNoExpectations: true,
      },
    },
    reporters: ['progress'],
    hostname: '127.0.0.1',
    listenAddress: '127.0.0.1',
    // A busy machine is slow to say that it is there.
    pingTimeout: 60_000,
    browserDisconnectTimeout: 30_000,
    restartOnFileChange: false,
  });
};
